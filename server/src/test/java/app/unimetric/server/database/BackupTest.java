package app.unimetric.server.database;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Workshop;
import java.io.File;
import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;

/** The whole workshop in one file, and back. */
@InWorkshop
class BackupTest {
  private final Workshop workshop;

  BackupTest(Workshop workshop) {
    this.workshop = workshop;
  }

  private record Ended(int code, String said) {}

  private static Ended script(String name, Path file, Path state)
      throws IOException, InterruptedException {
    Path project = Path.of("").toAbsolutePath();
    while (!Files.exists(project.resolve("bin/postgres"))) {
      project = project.getParent();
    }
    File log = Files.createTempFile("script", ".log").toFile();
    Process process =
        new ProcessBuilder(
                List.of(
                    project.resolve(name).toString(), file.toString(), "--data", state.toString()))
            .redirectErrorStream(true)
            .redirectOutput(log)
            .start();
    assertThat(process.waitFor(90, TimeUnit.SECONDS)).isTrue();
    return new Ended(process.exitValue(), Files.readString(log.toPath()));
  }

  @Test
  void isBroughtBackWholeIntoAnEmptyWorkshopAndIntoNoOther()
      throws IOException, InterruptedException {
    Path folder = Files.createTempDirectory("backup");
    Path file = folder.resolve("whole.tar");
    Visitor asta = Visitor.signedIn(workshop, "Asta");
    Ended made = script("backup", file, workshop.state());
    assertThat(made.code()).as(made.said()).isZero();
    assertThat(made.said()).contains("read back");
    assertThat(asta.get("/api/backups/last").body().path("file").asString()).isEqualTo("whole.tar");
    assertThat(asta.get("/api/backups/last").body().path("old").asBoolean()).isFalse();
    Ended over = script("restore", file, workshop.state());
    assertThat(over.code()).isNotZero();
    assertThat(over.said()).contains("not empty");

    Path state = folder.resolve("fresh");
    Ended brought = script("restore", file, state);
    assertThat(brought.code()).as(brought.said()).isZero();
    Workshop again = Workshop.at(state);
    try {
      Visitor bram = Visitor.signedIn(again, "Bram");
      for (String path : List.of("/api/machines", "/api/crib", "/api/shelf", "/api/log?q=")) {
        assertThat(bram.get(path).raw().body())
            .as(path)
            .isEqualTo(Visitor.signedIn(workshop, "Bram").get(path).raw().body());
      }
    } finally {
      again.end();
    }

    byte[] whole = Files.readAllBytes(file);
    // The last 10 kB may be nothing but padding.
    for (int part : new int[] {whole.length / 3, whole.length - 20_000}) {
      Path cut = folder.resolve("cut.tar");
      Files.write(cut, java.util.Arrays.copyOf(whole, part));
      Ended broken = script("restore", cut, folder.resolve("other"));
      assertThat(broken.code()).isNotZero();
      assertThat(broken.said()).contains("it was not copied whole").doesNotContain("tar:");
    }
    try (RandomAccessFile bytes = new RandomAccessFile(file.toFile(), "rw")) {
      bytes.seek(bytes.length() / 2);
      int there = bytes.read();
      bytes.seek(bytes.length() / 2);
      bytes.write(there ^ 1);
    }
    Ended damaged = script("restore", file, folder.resolve("other"));
    assertThat(damaged.code()).isNotZero();
    assertThat(damaged.said()).contains("is damaged").doesNotContain("sha256sum");
    Ended none = script("restore", folder.resolve("nothing.tar"), folder.resolve("other"));
    assertThat(none.said()).contains("There is no");
  }
}
