package app.unimetric.server;

import app.unimetric.server.machine.Fleet;
import app.unimetric.server.machine.Machine;
import com.zaxxer.hikari.HikariDataSource;
import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.ApplicationContext;
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
    return first(database, true);
  }

  /** The same for one test alone, which ends it. */
  public static Workshop ofItsOwn() throws IOException {
    return fresh();
  }

  /** The same without the demo: nobody is there yet. */
  static Workshop empty() throws IOException {
    Path state = Files.createTempDirectory(Files.createDirectories(Path.of("target")), "empty");
    Path database = state.resolve("postgres").toAbsolutePath();
    postgres("start", database, "--fast");
    return first(database, false);
  }

  private static String address(Path database) throws IOException {
    return "jdbc:postgresql://127.0.0.1:"
        + Files.readString(database.resolve("port")).strip()
        + "/postgres";
  }

  /** Another machine of the fleet. */
  public void add(Machine machine) {
    context.getBean(Fleet.class).add(machine);
  }

  /** What earlier tests wrote down for the models of the depot is known no longer. */
  public void forgetStatedValues() {
    try (Connection connection = asOwner();
        Statement statement = connection.createStatement()) {
      // Evidence is not deleted; a test does, but for the sheet the depot came with.
      statement.execute(
          """
          ALTER TABLE stated_value DISABLE TRIGGER evidence;
          ALTER TABLE stated_value_taken_back DISABLE TRIGGER evidence;
          ALTER TABLE stated_value_confirmed DISABLE TRIGGER evidence;
          ALTER TABLE stated_value_note DISABLE TRIGGER evidence;
          CREATE TEMP TABLE meant AS SELECT id FROM stated_value WHERE brought_by IS NULL;
          DELETE FROM stated_value_taken_back WHERE value_id IN (SELECT id FROM meant);
          DELETE FROM stated_value_confirmed WHERE value_id IN (SELECT id FROM meant);
          DELETE FROM stated_value_note WHERE value_id IN (SELECT id FROM meant);
          UPDATE stated_value SET replaces = NULL WHERE replaces IN (SELECT id FROM meant);
          DELETE FROM stated_value WHERE id IN (SELECT id FROM meant);
          DROP TABLE meant;
          ALTER TABLE stated_value ENABLE TRIGGER evidence;
          ALTER TABLE stated_value_taken_back ENABLE TRIGGER evidence;
          ALTER TABLE stated_value_confirmed ENABLE TRIGGER evidence;
          ALTER TABLE stated_value_note ENABLE TRIGGER evidence;
          """);
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
  }

  /** As what owns the tables, which the application never is. */
  public Connection asOwner() throws SQLException {
    try {
      return DriverManager.getConnection(
          address(database), "unimetric", Files.readString(database.resolve("password")).strip());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** The folder where its state lies, as ./start has one. */
  public Path state() {
    return database.getParent();
  }

  /** The application on a folder into which something was brought. */
  public static Workshop at(Path state) throws IOException {
    Path database = state.resolve("postgres").toAbsolutePath();
    postgres("start", database, "--fast");
    return first(database, false);
  }

  /** Ends it with its database. */
  public void end() throws IOException {
    closeAll();
  }

  /** A second instance of the application on the same PostgreSQL. */
  public Workshop another(Map<String, String> properties) throws IOException {
    return new Workshop(database, run(database, properties));
  }

  /** The application on a database that is there; where it does not start, the database goes. */
  private static Workshop first(Path database, boolean demo) throws IOException {
    try {
      return new Workshop(database, run(database, Map.of("unimetric.demo", String.valueOf(demo))));
    } catch (IOException | RuntimeException e) {
      postgres("remove", database);
      throw e;
    }
  }

  private static ConfigurableApplicationContext run(Path database, Map<String, String> properties)
      throws IOException {
    List<String> args = new ArrayList<>();
    args.add("--server.port=0");
    args.add("--unimetric.zone=Europe/Oslo");
    args.add("--unimetric.warm-up=false");
    args.add("--springdoc.api-docs.enabled=true");
    if (!properties.containsKey(COMPUTE_RATE)) {
      args.add("--" + COMPUTE_RATE + "=10000000");
    }
    args.add("--spring.datasource.url=" + address(database));
    args.add("--spring.datasource.password=" + Files.readString(database.resolve("app-password")));
    args.add("--spring.flyway.password=" + Files.readString(database.resolve("password")));
    properties.forEach((k, v) -> args.add("--" + k + "=" + v));
    return SpringApplication.run(Unimetric.class, args.toArray(String[]::new));
  }

  public String url() {
    return "http://127.0.0.1:"
        + ((ServletWebServerApplicationContext) context).getWebServer().getPort();
  }

  /** All that the application is made of. */
  public ApplicationContext context() {
    return context;
  }

  public <T> T bean(Class<T> type) {
    return context.getBean(type);
  }

  public void stopPostgres() throws IOException {
    postgres("stop", database);
  }

  /**
   * Connections that died with the database are found dead by the first who asks, who is told 503;
   * the tests behind one that stopped it are not to be those.
   */
  public void forgetDeadConnections() {
    context.getBean(HikariDataSource.class).getHikariPoolMXBean().softEvictConnections();
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
    postgres("remove", database);
  }
}
