package app.unimetric.server.security;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;

/** A request whose body is here already; to all filters behind it is one that has just come. */
final class ReadBody extends HttpServletRequestWrapper {
  private byte[] body = new byte[0];

  ReadBody(HttpServletRequest request) {
    super(request);
  }

  void is(byte[] read) {
    body = read;
  }

  /**
   * It comes a second time only because its body was waited for without a thread: filters that let
   * a request that was put off pass unseen must see this one.
   */
  @Override
  public DispatcherType getDispatcherType() {
    return DispatcherType.REQUEST;
  }

  @Override
  public ServletInputStream getInputStream() {
    return new Bytes(body);
  }

  @Override
  public BufferedReader getReader() {
    return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
  }

  private static final class Bytes extends ServletInputStream {
    private final ByteArrayInputStream bytes;

    Bytes(byte[] body) {
      bytes = new ByteArrayInputStream(body);
    }

    @Override
    public int read() {
      return bytes.read();
    }

    @Override
    public int read(byte[] buffer, int offset, int length) {
      return bytes.read(buffer, offset, length);
    }

    @Override
    public boolean isFinished() {
      return bytes.available() == 0;
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
