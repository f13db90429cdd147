package app.unimetric.server.security;

import app.unimetric.server.problem.BodyTooLarge;
import app.unimetric.server.problem.ProblemWriter;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.github.bucket4j.Bucket;
import io.github.bucket4j.ConsumptionProbe;
import jakarta.servlet.AsyncContext;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Size for every call, rate for the open ones, so that nobody's mistake slows the workshop down.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class ComputeLimits extends OncePerRequestFilter {
  private static final int MOST_BYTES = 64 * 1024;

  /** A plan carries a whole pack, and so does a pack brought back. */
  private static final int MOST_PLAN_BYTES = 2 * 1024 * 1024;

  /** Devices make them smaller than a tenth of this. */
  private static final int MOST_PHOTOGRAPH_BYTES = 8 * 1024 * 1024;

  private static final Pattern PHOTOGRAPH =
      Pattern.compile("/api/jobs/[^/]{1,40}/photographs/[^/]{1,40}");
  private static final Set<String> SHEETS = Set.of("/api/sheets", "/api/workshop/everything");
  private static final String OPEN = "/api/compute/";
  private static final int OPEN_AT_ONCE = 16;
  private static final int OPEN_WAITING = 1000;

  private final ProblemWriter problems;
  private final Bodies bodies;
  private final OpenCalls openCalls = new OpenCalls(OPEN_AT_ONCE, OPEN_WAITING);
  private final int perMinute;
  private final Cache<String, Bucket> addresses =
      Caffeine.newBuilder().maximumSize(50_000).expireAfterAccess(Duration.ofMinutes(5)).build();

  ComputeLimits(
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
    return !request.getRequestURI().startsWith("/api/");
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String type = request.getContentType();
    if (type != null && type.contains("*")) {
      problems.write(
          response,
          HttpStatus.UNSUPPORTED_MEDIA_TYPE,
          "Say what it is that you send: JSON, with the content type application/json.");
      return;
    }
    int most = most(request.getRequestURI());
    if (request.getContentLengthLong() > most) {
      problems.write(response, HttpStatus.CONTENT_TOO_LARGE, BodyTooLarge.MESSAGE);
      return;
    }
    if (request.getRequestURI().startsWith(OPEN) && !(request instanceof ReadBody)) {
      ConsumptionProbe probe =
          addresses.get(request.getRemoteAddr(), a -> bucket()).tryConsumeAndReturnRemaining(1);
      if (!probe.isConsumed()) {
        long seconds = TimeUnit.NANOSECONDS.toSeconds(probe.getNanosToWaitForRefill()) + 1;
        response.setHeader(HttpHeaders.RETRY_AFTER, Long.toString(seconds));
        problems.write(
            response,
            HttpStatus.TOO_MANY_REQUESTS,
            "Too many requests from here; try again in " + seconds + " s.");
        return;
      }
    }
    if (request instanceof ReadBody
        || !hasBody(request)
        || SHEETS.contains(request.getRequestURI())) {
      // A whole sheet is read by a thread, once it is known that a lead brings it.
      chain.doFilter(new Limited(request, most), response);
      return;
    }
    ReadBody whole;
    try {
      whole = bodies.readNow(request);
    } catch (IOException e) {
      response.setHeader(HttpHeaders.CONNECTION, "close");
      problems.write(response, HttpStatus.REQUEST_TIMEOUT, Bodies.TOO_SLOW);
      return;
    }
    if (whole == null) {
      bodies.read(request, response, most, this::go);
    } else if (!request.getRequestURI().startsWith(OPEN)) {
      chain.doFilter(whole, response);
    } else if (openCalls.enter()) {
      try {
        chain.doFilter(whole, response);
      } finally {
        openCalls.leave();
      }
    } else {
      AsyncContext waited = request.startAsync(whole, response);
      waited.setTimeout(0);
      go(waited, response);
    }
  }

  private static boolean hasBody(HttpServletRequest request) {
    return request.getContentLengthLong() > 0
        || request.getHeader(HttpHeaders.TRANSFER_ENCODING) != null;
  }

  private void go(AsyncContext waited, HttpServletResponse response) {
    boolean open = ((HttpServletRequest) waited.getRequest()).getRequestURI().startsWith(OPEN);
    if (!open) {
      waited.dispatch();
    } else if (!openCalls.take(waited)) {
      try {
        response.setHeader(HttpHeaders.RETRY_AFTER, "1");
        problems.write(
            response,
            HttpStatus.SERVICE_UNAVAILABLE,
            "More is being worked out here than can be; try again in a second.");
      } catch (IOException e) {
        logger.debug("Nobody is left to read the answer", e);
      } finally {
        waited.complete();
      }
    }
  }

  /** A sheet of fifty thousand values with long documents. */
  private static final int MOST_SHEET_BYTES = 24 * 1024 * 1024;

  private static int most(String path) {
    if (SHEETS.contains(path)) {
      return MOST_SHEET_BYTES;
    }
    if (PHOTOGRAPH.matcher(path).matches()) {
      return MOST_PHOTOGRAPH_BYTES;
    }
    return path.equals("/api/compute/plan") || path.equals("/api/packs")
        ? MOST_PLAN_BYTES
        : MOST_BYTES;
  }

  private Bucket bucket() {
    return Bucket.builder()
        .addLimit(l -> l.capacity(perMinute).refillGreedy(perMinute, Duration.ofMinutes(1)))
        .build();
  }

  /** Counts what is really read: the announced length may be missing or wrong. */
  private static final class Limited extends HttpServletRequestWrapper {
    private final int most;

    Limited(HttpServletRequest request, int most) {
      super(request);
      this.most = most;
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
      return new Counting(super.getInputStream(), most);
    }
  }

  private static final class Counting extends ServletInputStream {
    private final ServletInputStream in;
    private final int most;
    private int bytes;

    Counting(ServletInputStream in, int most) {
      this.in = in;
      this.most = most;
    }

    @Override
    public int read() throws IOException {
      int b = in.read();
      count(b < 0 ? 0 : 1);
      return b;
    }

    @Override
    public int read(byte[] buffer, int offset, int length) throws IOException {
      int n = in.read(buffer, offset, length);
      count(Math.max(n, 0));
      return n;
    }

    private void count(int more) throws BodyTooLarge {
      bytes += more;
      if (bytes > most) {
        throw new BodyTooLarge();
      }
    }

    @Override
    public boolean isFinished() {
      return in.isFinished();
    }

    @Override
    public boolean isReady() {
      return in.isReady();
    }

    @Override
    public void setReadListener(ReadListener listener) {
      in.setReadListener(listener);
    }
  }
}
