package app.unimetric.server.log;

import java.time.Instant;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** Signed records: written once. */
@Service
public class Records {
  private final RecordMapper mapper;
  private final JsonMapper json;

  Records(RecordMapper mapper, JsonMapper json) {
    this.mapper = mapper;
    this.json = json;
  }

  public void sign(AsBuilt asBuilt, String by, Instant at) {
    mapper.add(asBuilt.jobId(), by, at, json.writeValueAsString(asBuilt));
  }

  AsBuilt read(RecordRow row) {
    return json.readValue(row.asBuilt(), AsBuilt.class);
  }
}
