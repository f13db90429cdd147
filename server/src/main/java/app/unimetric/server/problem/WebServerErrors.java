package app.unimetric.server.problem;

import org.apache.catalina.core.StandardHost;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/** Has the web server say its own errors as ours are said. */
@Component
class WebServerErrors implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
  @Override
  public void customize(TomcatServletWebServerFactory factory) {
    factory.addContextCustomizers(
        context -> {
          if (context.getParent() instanceof StandardHost host) {
            host.setErrorReportValveClass(PlainErrors.class.getName());
          }
        });
  }
}
