package app.unimetric.server.gate;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Workshop;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.springframework.http.server.PathContainer;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.springframework.web.util.pattern.PathPattern;

/**
 * Every address the application answers, in ten disguises: each is refused before anything behind
 * the gate sees it, or is the plain address to all of them alike.
 */
@InWorkshop
class DisguisesTest {
  private static final int TOO_LONG = 400_000_000;
  private static final List<UnaryOperator<String>> DISGUISES =
      List.of(
          p -> "/%" + Integer.toHexString(p.charAt(1)) + p.substring(2),
          p -> "/" + p.substring(1, 2) + "%" + Integer.toHexString(p.charAt(2)) + p.substring(3),
          p -> "/%25" + Integer.toHexString(p.charAt(1)) + p.substring(2),
          p -> "/" + p,
          p -> "/." + p,
          p -> "/x/.." + p,
          p -> p.replaceFirst("/([^/]*)", "/$1;a=b"),
          p -> p + ";",
          p -> p + "%00",
          p -> p + "?x=%FF");

  private final Workshop workshop;

  DisguisesTest(Workshop workshop) {
    this.workshop = workshop;
  }

  private Set<String> addresses() {
    Set<String> addresses = new LinkedHashSet<>();
    workshop
        .context()
        .getBean("requestMappingHandlerMapping", RequestMappingHandlerMapping.class)
        .getHandlerMethods()
        .forEach(
            (mapping, method) -> {
              if (mapping.getPathPatternsCondition() != null) {
                for (PathPattern pattern : mapping.getPathPatternsCondition().getPatterns()) {
                  addresses.add(pattern.getPatternString().replaceAll("\\{[^}]*\\}+", "1"));
                }
              }
            });
    addresses.removeIf(a -> a.length() < 3);
    return addresses;
  }

  private record Answer(int status, boolean closed) {}

  private Answer answer(String method, String path, String headers) throws IOException {
    URI url = URI.create(workshop.url());
    try (Socket socket = new Socket(url.getHost(), url.getPort())) {
      socket.setSoTimeout(20_000);
      OutputStream out = socket.getOutputStream();
      out.write(
          (method + " " + path + " HTTP/1.1\r\nHost: localhost\r\n" + headers + "\r\n")
              .getBytes(StandardCharsets.ISO_8859_1));
      out.flush();
      InputStream in = socket.getInputStream();
      StringBuilder line = new StringBuilder();
      for (int b = in.read(); b >= 0 && b != '\r'; b = in.read()) {
        line.append((char) b);
      }
      assertThat(line.toString()).as(method + " " + path).startsWith("HTTP/1.1 ");
      return new Answer(Integer.parseInt(line.substring(9, 12)), true);
    }
  }

  @Test
  void noAddressInAnyDisguiseGetsPastTheGate() throws IOException {
    Set<String> addresses = addresses();
    assertThat(addresses).hasSizeGreaterThan(100).contains("/api/compute/plan", "/api/session");
    List<String> passed = new ArrayList<>();
    for (String address : addresses) {
      for (UnaryOperator<String> disguise : DISGUISES) {
        String path = disguise.apply(address);
        int status =
            answer(
                    "POST",
                    path,
                    "Content-Type: application/json\r\nContent-Length: " + TOO_LONG + "\r\n")
                .status();
        if (status != 400) {
          passed.add(status + " " + path);
        }
      }
    }
    assertThat(passed).isEmpty();
  }

  @Test
  void toEveryAddressThatIsPlainTheSameLimitsApply() throws IOException {
    for (String address : addresses()) {
      int status =
          answer(
                  "POST",
                  address,
                  "Content-Type: application/json\r\nContent-Length: " + TOO_LONG + "\r\n")
              .status();
      assertThat(status).as(address).isEqualTo(address.startsWith("/api/") ? 413 : 405);
    }
  }

  @Test
  void theDispatcherReadsAPathAsTheGateDoes() {
    for (String raw : List.of("/api/machines/Mule%202", "/api/machines/R%C3%B8d", "/api/a%2Bb")) {
      StringBuilder dispatched = new StringBuilder();
      for (PathContainer.Element part : PathContainer.parsePath(raw).elements()) {
        dispatched.append(
            part instanceof PathContainer.PathSegment segment
                ? segment.valueToMatch()
                : part.value());
      }
      assertThat(PlainAddress.path(raw)).isEqualTo(dispatched.toString());
    }
  }

  /** What nobody here takes is refused before a byte of it is read, and never as a fault. */
  @Test
  void formsAreNotTaken() throws IOException {
    for (String method : List.of("POST", "PUT", "PATCH", "DELETE")) {
      for (String path : List.of("/api/session", "/api/jobs/1/photographs/2", "/", "/actuator")) {
        int status =
            answer(
                    method,
                    path,
                    "Content-Type: application/x-www-form-urlencoded\r\nContent-Length: 9000\r\n")
                .status();
        assertThat(status).as(method + " " + path).isEqualTo(path.startsWith("/api/") ? 415 : 405);
      }
    }
  }

  @Test
  void signedInTooADisguisedSignInIsNoSignIn() {
    Visitor asta = Visitor.signedIn(workshop, "Asta");
    assertThat(asta.post("/%61pi/session", "{}").status()).isEqualTo(400);
    assertThat(asta.get("/api/machines?q=M%C3%BCle%202").status()).isEqualTo(200);
  }
}
