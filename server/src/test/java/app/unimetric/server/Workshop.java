package app.unimetric.server;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;

/** The real application on a real PostgreSQL of its own, for tests. */
public final class Workshop implements AutoCloseable {
  private static final String COMPUTE_RATE = "unimetric.compute.requests-per-minute";
  private final Path database;
  private final ConfigurableApplicationContext context;

  private Workshop(Path database, ConfigurableApplicationContext context) {
    this.database = database;
    this.context = context;
  }

  /** Starts PostgreSQL on a fresh data folder and the demo workshop on top of it. */
  static Workshop fresh() throws IOException {
    Path state = Files.createTempDirectory(Files.createDirectories(Path.of("target")), "workshop");
    Path database = state.resolve("postgres").toAbsolutePath();
    postgres("start", database, "--fast");
    return new Workshop(database, run(database, Map.of("unimetric.demo", "true")));
  }

  /** A second instance of the application on the same PostgreSQL. */
  public Workshop another(Map<String, String> properties) throws IOException {
    return new Workshop(database, run(database, properties));
  }

  private static ConfigurableApplicationContext run(Path database, Map<String, String> properties)
      throws IOException {
    List<String> args = new ArrayList<>();
    args.add("--server.port=0");
    args.add("--unimetric.zone=Europe/Oslo");
    if (!properties.containsKey(COMPUTE_RATE)) {
      args.add("--" + COMPUTE_RATE + "=10000000");
    }
    args.add(
        "--spring.datasource.url=jdbc:postgresql://127.0.0.1:"
            + Files.readString(database.resolve("port")).strip()
            + "/postgres");
    args.add("--spring.datasource.password=" + Files.readString(database.resolve("password")));
    properties.forEach((k, v) -> args.add("--" + k + "=" + v));
    return SpringApplication.run(Unimetric.class, args.toArray(String[]::new));
  }

  public String url() {
    return "http://127.0.0.1:"
        + ((ServletWebServerApplicationContext) context).getWebServer().getPort();
  }

  public <T> T bean(Class<T> type) {
    return context.getBean(type);
  }

  public void stopPostgres() throws IOException {
    postgres("stop", database);
  }

  public void startPostgres() throws IOException {
    postgres("start", database, "--fast");
  }

  private static void postgres(String verb, Path database, String... more) throws IOException {
    Path project = Path.of("").toAbsolutePath();
    while (!Files.exists(project.resolve("bin/postgres"))) {
      project = project.getParent();
    }
    List<String> command =
        new ArrayList<>(List.of(project.resolve("bin/postgres").toString(), verb));
    command.add(database.toString());
    command.addAll(List.of(more));
    File log = new File("target/postgres-" + verb + ".log");
    Process process =
        new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(log).start();
    try {
      if (!process.waitFor(90, TimeUnit.SECONDS) || process.exitValue() != 0) {
        throw new IOException("PostgreSQL: " + Files.readString(log.toPath()));
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IOException(e);
    }
  }

  @Override
  public void close() {
    context.close();
  }

  void closeAll() throws IOException {
    close();
    stopPostgres();
  }
}
