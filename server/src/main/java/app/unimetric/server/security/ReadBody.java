package app.unimetric.server.security;

import jakarta.servlet.AsyncContext;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.ServletRequest;
import jakarta.servlet.ServletResponse;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import org.jspecify.annotations.Nullable;

/** A request whose body is here already; to all filters behind it is one that has just come. */
final class ReadBody extends HttpServletRequestWrapper {
  private InputStream body = InputStream.nullInputStream();

  private @Nullable ServletInputStream in;
  private volatile boolean putOffAgain;

  ReadBody(HttpServletRequest request) {
    super(request);
  }

  void is(InputStream read) {
    body = read;
  }

  /**
   * It comes a second time only because its body was waited for without a thread: filters that let
   * a request that was put off pass unseen must see this one. What puts it off once more, behind
   * them, is no business of theirs.
   */
  @Override
  public DispatcherType getDispatcherType() {
    return putOffAgain ? super.getDispatcherType() : DispatcherType.REQUEST;
  }

  @Override
  public AsyncContext startAsync(ServletRequest request, ServletResponse response) {
    putOffAgain = true;
    return super.startAsync(request, response);
  }

  @Override
  public AsyncContext startAsync() {
    putOffAgain = true;
    return super.startAsync();
  }

  /** The same stream each time, as the web server's own. */
  @Override
  public ServletInputStream getInputStream() {
    if (in == null) {
      in = new Bytes(body);
    }
    return in;
  }

  @Override
  public BufferedReader getReader() {
    return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
  }

  private static final class Bytes extends ServletInputStream {
    private final InputStream bytes;
    private boolean ended;

    Bytes(InputStream body) {
      bytes = body;
    }

    @Override
    public int read() throws IOException {
      return ended(bytes.read());
    }

    @Override
    public int read(byte[] buffer, int offset, int length) throws IOException {
      return ended(bytes.read(buffer, offset, length));
    }

    private int ended(int read) {
      ended |= read < 0;
      return read;
    }

    @Override
    public boolean isFinished() {
      return ended;
    }

    @Override
    public boolean isReady() {
      return true;
    }

    @Override
    public void setReadListener(ReadListener listener) {
      throw new UnsupportedOperationException("it is here already");
    }
  }
}
