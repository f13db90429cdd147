package app.unimetric.server;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A browser's side of the wire: cookies, the CSRF token, JSON. */
public final class Visitor {
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private final String url;
  private final CookieManager cookies = new CookieManager();
  private final HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();

  public Visitor(Workshop workshop) {
    this.url = workshop.url();
  }

  /** What came back. */
  public record Answer(int status, JsonNode body, HttpResponse<String> raw) {
    public String detail() {
      return body.path("detail").asString("");
    }
  }

  /** Signs in and comes back with a fresh token. */
  public static Visitor signedIn(Workshop workshop, String name) {
    Visitor visitor = new Visitor(workshop);
    visitor.get("/api/session");
    Answer answer =
        visitor.post(
            "/api/session",
            Map.of("name", name, "password", "depot-" + name.toLowerCase(java.util.Locale.ROOT)));
    if (answer.status() != 200) {
      throw new IllegalStateException(answer.detail());
    }
    return visitor;
  }

  public Answer get(String path) {
    return send(HttpRequest.newBuilder(URI.create(url + path)).GET());
  }

  /** What is answered without an end. */
  public InputStream stream(String path) {
    try {
      return http.send(
              HttpRequest.newBuilder(URI.create(url + path)).GET().build(),
              HttpResponse.BodyHandlers.ofInputStream())
          .body();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }

  public Answer post(String path, Object body) {
    return post(path, JSON.writeValueAsString(body));
  }

  public Answer post(String path, String json) {
    return send(
        HttpRequest.newBuilder(URI.create(url + path))
            .header("Content-Type", "application/json")
            .header("X-XSRF-TOKEN", token())
            .POST(HttpRequest.BodyPublishers.ofString(json)));
  }

  public Answer delete(String path) {
    return send(
        HttpRequest.newBuilder(URI.create(url + path)).header("X-XSRF-TOKEN", token()).DELETE());
  }

  public Answer send(HttpRequest.Builder request) {
    try {
      HttpResponse<String> raw = http.send(request.build(), HttpResponse.BodyHandlers.ofString());
      boolean json = raw.headers().firstValue("Content-Type").orElse("").contains("json");
      return new Answer(raw.statusCode(), json ? JSON.readTree(raw.body()) : JSON.nullNode(), raw);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }

  /** A file as it comes. */
  public byte[] bytes(String path) {
    try (InputStream in = stream(path)) {
      return in.readAllBytes();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** The words of a PDF, with one space between them. */
  public String paper(String path) {
    try (PDDocument document = Loader.loadPDF(bytes(path))) {
      return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Puts a cookie among those that are sent. */
  public void cookie(String name, String value) {
    HttpCookie cookie = new HttpCookie(name, value);
    cookie.setPath("/");
    cookie.setVersion(0);
    cookies.getCookieStore().add(URI.create(url), cookie);
  }

  public String url() {
    return url;
  }

  public String token() {
    return cookies.getCookieStore().getCookies().stream()
        .filter(c -> c.getName().equals("XSRF-TOKEN"))
        .map(HttpCookie::getValue)
        .findFirst()
        .orElse("none");
  }
}
