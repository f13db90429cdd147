package app.unimetric.server.web;

import io.swagger.v3.oas.annotations.Hidden;
import java.time.Duration;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/**
 * The description of the API as it was committed. A test holds it to what the routes say, so that
 * nobody waits while a fresh server reads its own code.
 */
@Hidden
@RestController
class CommittedDescription {
  @GetMapping(path = "/v3/api-docs", produces = MediaType.APPLICATION_JSON_VALUE)
  ResponseEntity<Resource> description() {
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(Duration.ZERO).mustRevalidate())
        .body(new ClassPathResource("openapi.json"));
  }
}
