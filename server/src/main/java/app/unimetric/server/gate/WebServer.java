package app.unimetric.server.gate;

import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/** Puts the gate's parts into the web server. */
@Component
class WebServer implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
  private final KnownSessions sessions;

  WebServer(KnownSessions sessions) {
    this.sessions = sessions;
  }

  @Override
  public void customize(TomcatServletWebServerFactory factory) {
    factory.setProtocol(TimedHeaders.class.getName());
    factory.addEngineValves(new Strangers(sessions), new UnreadBody());
  }
}
