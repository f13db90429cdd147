package app.unimetric.server.pack;

import app.unimetric.core.bench.Signature;
import app.unimetric.server.machine.Machine;
import app.unimetric.server.problem.Refusal;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/**
 * Jobs as they were last done on a model. Who saved one finds it at once; everybody else once a
 * lead has confirmed it. All versions stay.
 */
@Service
public class ModelPacks {
  private final ModelPackMapper mapper;

  ModelPacks(ModelPackMapper mapper) {
    this.mapper = mapper;
  }

  /** What this person may open on a machine, the newest of each. */
  public List<ModelPack> of(Machine machine, Signature person) {
    return mapper.of(machine.make(), machine.model(), machine.modelYear(), person.id());
  }

  /** The one that began from a key; empty when there is none for this person. */
  public Optional<ModelPack> of(Machine machine, String baseKey, Signature person) {
    return of(machine, person).stream().filter(p -> p.baseKey().equals(baseKey)).findFirst();
  }

  /**
   * @throws Refusal when there is none
   */
  public ModelPack pack(UUID id) {
    ModelPack found = mapper.byId(id);
    if (found == null) {
      throw Refusal.notFound("This pack of the shop");
    }
    return found;
  }

  /** Keeps one; once however often it is sent. */
  public void add(ModelPack pack) {
    mapper.add(pack);
  }

  /** A lead says that everybody may work by it. */
  public void confirm(UUID id, Instant at, Signature lead) {
    mapper.confirm(pack(id).id(), lead, at);
  }
}
