package app.unimetric.server.web;

import io.swagger.v3.oas.annotations.Hidden;
import java.io.IOException;
import org.springframework.core.io.ClassPathResource;
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
  private final MadeOnce description;

  CommittedDescription() throws IOException {
    description = new MadeOnce(new ClassPathResource("openapi.json").getContentAsByteArray());
  }

  @GetMapping(path = "/v3/api-docs", produces = MediaType.APPLICATION_JSON_VALUE)
  ResponseEntity<byte[]> description() {
    return description.answer();
  }
}
