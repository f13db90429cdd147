package app.unimetric.server.compute.desk;

import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * Works the desk's answer out some hundred times once the application is up, so that the first
 * person at the desk waits no longer than the next: the machine's own compiler learns from use.
 */
@Component
class FirstAnswers {
  private static final int ROUNDS = 400;
  private static final String QUESTION =
      "{\"joint\": {\"thread\": {\"nominalDiameterMm\": 8, \"pitchMm\": 1.25}, \"propertyClass\": \"8.8\"}, \"torqueText\": \"22 Nm\"}";
  private final JsonMapper json;

  FirstAnswers(JsonMapper json) {
    this.json = json;
  }

  @EventListener(ApplicationReadyEvent.class)
  void begin() {
    Thread thread = new Thread(this::learn, "first-answers");
    thread.setDaemon(true);
    thread.setPriority(Thread.MIN_PRIORITY);
    thread.start();
  }

  private void learn() {
    for (int i = 0; i < ROUNDS; i++) {
      DeskCall.Request request = json.readValue(QUESTION, DeskCall.Request.class);
      json.writeValueAsBytes(DeskCall.answer(request, true));
    }
  }
}
