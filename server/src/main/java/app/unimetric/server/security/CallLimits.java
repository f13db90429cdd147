package app.unimetric.server.security;

import app.unimetric.server.gate.Asked;
import app.unimetric.server.gate.Bounds;
import app.unimetric.server.gate.LateBody;
import app.unimetric.server.problem.BodyTooLarge;
import app.unimetric.server.problem.ProblemWriter;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.github.bucket4j.Bucket;
import io.github.bucket4j.ConsumptionProbe;
import jakarta.servlet.AsyncContext;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Size for every call, rate for the open ones, turns for what is dear, so that nobody's mistake
 * slows the workshop down. No body is ever read by a thread that waits for it.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 3)
class CallLimits extends OncePerRequestFilter {
  private final ProblemWriter problems;
  private final Bodies bodies;
  private final Turns openCalls =
      new Turns(Bounds.OPEN_CALLS_AT_ONCE, 1000, Duration.ofSeconds(20));

  /** People give up after some ten seconds. */
  private final Turns hashing = new Turns(Bounds.HASHED_AT_ONCE, 40, Duration.ofSeconds(6));

  private final Turns large = new Turns(Bounds.LARGE_CALLS_AT_ONCE, 50, Duration.ofSeconds(60));
  private final Turns sheets = new Turns(Bounds.SHEETS_AT_ONCE, 20, Duration.ofMinutes(5));
  private final int perMinute;
  private final Cache<String, Bucket> addresses =
      Caffeine.newBuilder().maximumSize(50_000).expireAfterAccess(Duration.ofMinutes(5)).build();

  CallLimits(
      ProblemWriter problems,
      Bodies bodies,
      @Value("${unimetric.compute.requests-per-minute}") int perMinute) {
    this.problems = problems;
    this.bodies = bodies;
    this.perMinute = perMinute;
  }

  @Override
  protected boolean shouldNotFilterAsyncDispatch() {
    return false;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return !Asked.of(request).isCall();
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (request instanceof ReadBody
        || request.getDispatcherType() == jakarta.servlet.DispatcherType.ASYNC) {
      LateBody.isHere(request);
      chain.doFilter(request, response);
      return;
    }
    Asked asked = Asked.of(request);
    int most = Bounds.mostBytes(asked);
    if (request.getContentLengthLong() > most) {
      problems.write(response, HttpStatus.CONTENT_TOO_LARGE, BodyTooLarge.MESSAGE);
    } else if (!asked.isOpenCall() || isWithinRate(request, response)) {
      read(request, response, most, chain);
    }
  }

  private boolean isWithinRate(HttpServletRequest request, HttpServletResponse response)
      throws IOException {
    ConsumptionProbe probe =
        addresses.get(request.getRemoteAddr(), a -> bucket()).tryConsumeAndReturnRemaining(1);
    if (probe.isConsumed()) {
      return true;
    }
    long seconds = TimeUnit.NANOSECONDS.toSeconds(probe.getNanosToWaitForRefill()) + 1;
    response.setHeader(HttpHeaders.RETRY_AFTER, Long.toString(seconds));
    problems.write(
        response,
        HttpStatus.TOO_MANY_REQUESTS,
        "Too many requests from here; try again in " + seconds + " s.");
    return false;
  }

  private void read(
      HttpServletRequest request, HttpServletResponse response, int most, FilterChain chain)
      throws IOException, ServletException {
    Asked asked = Asked.of(request);
    boolean hasBody =
        request.getContentLengthLong() > 0
            || request.getHeader(HttpHeaders.TRANSFER_ENCODING) != null;
    if (hasBody && Bounds.isSheet(asked)) {
      LateBody.putOff(request, () -> bodies.read(request, response, most, this::go));
      chain.doFilter(request, response);
      return;
    }
    ReadBody whole = hasBody ? bodies.readNow(request) : new ReadBody(request);
    if (whole == null) {
      bodies.read(request, response, most, this::go);
      return;
    }
    Turns turns = turns(asked, request.getContentLengthLong());
    if (turns == null) {
      chain.doFilter(hasBody ? whole : request, response);
    } else if (turns != sheets && turns.enter()) {
      try {
        chain.doFilter(whole, response);
      } finally {
        turns.leave();
      }
    } else {
      // An answer that is written as a stream lasts longer than its way through the filters.
      AsyncContext waited = request.startAsync(whole, response);
      waited.setTimeout(0);
      take(turns, waited, response);
    }
  }

  /** Goes on with a request whose body is here. */
  private void go(AsyncContext waited, HttpServletResponse response, long bytes) {
    Turns turns = turns(Asked.of((HttpServletRequest) waited.getRequest()), bytes);
    if (turns == null) {
      waited.dispatch();
    } else {
      take(turns, waited, response);
    }
  }

  private @Nullable Turns turns(Asked asked, long bytes) {
    if (Bounds.isSheet(asked) || Bounds.isWholeSheetOut(asked)) {
      return sheets;
    }
    if (bytes > Bounds.SMALL_CALL_BYTES && !Bounds.isPhotograph(asked)) {
      return large;
    }
    if (asked.isOpenCall()) {
      return openCalls;
    }
    return Bounds.isHashed(asked) ? hashing : null;
  }

  private void take(Turns turns, AsyncContext waited, HttpServletResponse response) {
    turns.take(waited, () -> refuse(waited, response));
  }

  private void refuse(AsyncContext waited, HttpServletResponse response) {
    try {
      response.setHeader(HttpHeaders.RETRY_AFTER, "1");
      problems.write(
          response,
          HttpStatus.SERVICE_UNAVAILABLE,
          "More is being worked out here than can be; try again in a second.");
    } catch (IOException e) {
      logger.debug("Nobody is left to read the answer", e);
    } finally {
      end(waited);
    }
  }

  private void end(AsyncContext waited) {
    try {
      waited.complete();
    } catch (IllegalStateException e) {
      logger.debug("It ended when its sender went", e);
    }
  }

  private Bucket bucket() {
    return Bucket.builder()
        .addLimit(l -> l.capacity(perMinute).refillGreedy(perMinute, Duration.ofMinutes(1)))
        .build();
  }
}
