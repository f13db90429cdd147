package app.unimetric.server.compute;

import io.swagger.v3.oas.annotations.Hidden;
import java.util.Map;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/**
 * Sends JSON back as it came, through the same filters as the compute calls: the yardstick of the
 * load script. Only there when asked for.
 */
@Hidden
@RestController
@ConditionalOnProperty("unimetric.echo")
class EchoForMeasuring {
  @PostMapping("/api/compute/echo")
  Map<String, Object> echo(@RequestBody Map<String, Object> body) {
    return body;
  }
}
