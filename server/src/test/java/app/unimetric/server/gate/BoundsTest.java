package app.unimetric.server.gate;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Workshop;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.springframework.core.env.Environment;

/** What is read into memory at once is bounded, and the bounds add up. */
@InWorkshop
class BoundsTest {
  private static final long MB = 1024 * 1024;

  private final Workshop workshop;

  BoundsTest(Workshop workshop) {
    this.workshop = workshop;
  }

  /** As ./start says it. */
  private static long heapBytes() throws IOException {
    Path project = Path.of("").toAbsolutePath();
    while (!Files.exists(project.resolve("bin/postgres"))) {
      project = project.getParent();
    }
    Matcher told =
        Pattern.compile("-Xmx(\\d+)m").matcher(Files.readString(project.resolve("start")));
    assertThat(told.find()).isTrue();
    return Long.parseLong(told.group(1)) * MB;
  }

  @Test
  void allOfItTogetherStaysBelowTheHeap() throws IOException {
    Environment settings = workshop.bean(Environment.class);
    int connections = settings.getRequiredProperty("server.tomcat.max-connections", Integer.class);
    int threads = settings.getRequiredProperty("server.tomcat.threads.max", Integer.class);
    long sum = Bounds.parts(connections, threads).stream().mapToLong(Bounds.Part::total).sum();
    assertThat(sum)
        .as("%s", Bounds.parts(connections, threads))
        .isLessThan(heapBytes())
        .isGreaterThan(heapBytes() / 2);
  }

  @Test
  void eachCallHasItsSize() {
    assertThat(Bounds.mostBytes(new Asked("POST", "/api/session"))).isEqualTo(64 * 1024);
    assertThat(Bounds.mostBytes(new Asked("POST", "/api/compute/plan"))).isEqualTo(2 * MB);
    assertThat(Bounds.mostBytes(new Asked("POST", "/api/packs"))).isEqualTo(2 * MB);
    assertThat(Bounds.mostBytes(new Asked("POST", "/api/sheets"))).isEqualTo(24 * MB);
    assertThat(Bounds.mostBytes(new Asked("PUT", "/api/jobs/1/photographs/2"))).isEqualTo(8 * MB);
    assertThat(Bounds.mostBytes(new Asked("PUT", "/api/jobs/1/photographs/2/3")))
        .isEqualTo(64 * 1024);
  }
}
