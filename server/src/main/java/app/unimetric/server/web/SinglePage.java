package app.unimetric.server.web;

import java.io.IOException;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.EncodedResourceResolver;
import org.springframework.web.servlet.resource.PathResourceResolver;

/**
 * Serves the screens: assets by name, packed once when they were built, and the page itself for
 * every address of the application.
 */
@Configuration
class SinglePage implements WebMvcConfigurer {
  @Override
  public void addResourceHandlers(ResourceHandlerRegistry registry) {
    registry
        .addResourceHandler("/assets/**")
        .addResourceLocations("classpath:/static/assets/")
        .setCacheControl(CacheControl.maxAge(365, TimeUnit.DAYS).cachePublic().immutable())
        .resourceChain(true)
        .addResolver(new EncodedResourceResolver());
    registry
        .addResourceHandler("/**")
        .addResourceLocations("classpath:/static/")
        .setCacheControl(CacheControl.noCache())
        .resourceChain(true)
        .addResolver(new EncodedResourceResolver())
        .addResolver(new PageFallback());
  }

  private static final class PageFallback extends PathResourceResolver {
    @Override
    protected @Nullable Resource getResource(String path, Resource location) throws IOException {
      Resource found = path.isEmpty() ? null : super.getResource(path, location);
      if (found != null) {
        return found;
      }
      boolean page =
          !path.contains(".") && !path.startsWith("api/") && !path.startsWith("actuator");
      return page ? super.getResource("index.html", location) : null;
    }
  }
}
