package app.unimetric.server.pack;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.order.Task;
import app.unimetric.core.pack.Answers;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.plan.Circumstances;
import app.unimetric.core.plan.JobPlan;
import app.unimetric.documents.pack.PackReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * What each job of the trade must have, in the order in which it must be done. A row reads as the
 * work goes: {@code undo} broken loose, a step by its name, {@code +} a joint at its final torque.
 */
class JobBookTest {
  private static final Path PACKS = Path.of("src/main/resources/packs");

  private static Optional<String> document(String key) {
    try {
      return Optional.of(Files.readString(PACKS.resolve(key + ".json")));
    } catch (IOException e) {
      return Optional.empty();
    }
  }

  private static JobPack job(String key, String answers) {
    Map<String, String> options = new HashMap<>();
    for (String one : answers.isBlank() ? new String[0] : answers.split(" ")) {
      options.put(one.split("=")[0], one.split("=")[1]);
    }
    return new PackReader()
        .take(document(key).orElseThrow(), JobBookTest::document)
        .answered(new Answers(options, List.of()));
  }

  private static List<String> row(JobPack job) {
    return JobPlan.of(job, Circumstances.of(List.of(), LocalDate.of(2026, 6, 1)))
        .work()
        .tasks()
        .stream()
        .map(JobBookTest::named)
        .toList();
  }

  private static String named(Task task) {
    String joint = task.jointId();
    if (joint != null) {
      return switch (task.kind()) {
        case FINAL -> "+" + joint;
        case START -> "by-hand:" + joint;
        default -> task.kind() + ":" + joint;
      };
    }
    return task.stepId().replaceFirst("^(step|check)\\.", "").replaceFirst("^undo\\.", "undo:");
  }

  @ParameterizedTest(name = "{0} {1}")
  @CsvSource(
      delimiter = '|',
      value = {
        "mc-lever-cable   |                  | gap rag undo:pivot-nut undo:pivot off carry carried-over dry-fit grease +pivot swing +pivot-nut gap-back freeplay lamp lock",
        "mc-lever-cable   | pivot=bolt carried=new | rag undo:pivot-bolt off +pivot-bolt swing-bolt freeplay",
        "mc-lever-hydraulic |                | undo:pivot-nut undo:pivot off dry-fit +pivot swing +pivot-nut pump lever lamp",
        "mc-pads-front    | bolts=once       | level undo:pad-pin.LEFT undo:caliper.LEFT off.LEFT push.LEFT seat.LEFT by-hand:caliper.LEFT +caliper.LEFT +pad-pin.LEFT undo:pad-pin.RIGHT undo:caliper.RIGHT +caliper.RIGHT +pad-pin.RIGHT pump lever",
        "mc-wheel-front   | axle=nut pinch=both | cover undo:axle-nut lift off settle +axle-nut pump-fork +pinch by-hand:caliper.LEFT +caliper.LEFT covers pump",
        "mc-wheel-rear    |                  | undo:axle-nut lift undo:adjuster slack off line +axle-nut +adjuster pump spins lever",
        "mc-wheel-rear    | drive=shaft nut=castle arm=arm | pin-out undo:axle-castle lift off +axle-castle new-pin +torque-arm arm-pin",
        "mc-crash-bars-upper | connector=yes lower=there | lay support undo:hanger swap film dry-fit even +connector +frame +hanger kept lock",
        "mc-crash-bars-lower |               | support one undo:engine out dry-fit square +frame +engine +joint lower",
        "mc-sump-plate    |                  | holes +bracket secure undo:rear undo:front hold dry-fit gap +front +rear clear",
        "mc-pegs          | bracket=off      | sides undo:pivot.LEFT undo:bracket.LEFT off.LEFT clock.LEFT +bracket.LEFT +pivot.LEFT clip.LEFT folds",
        "mc-mounts        | pairs=three pipe=off | support undo:pivot undo:hanger undo:frame-pinch creak pipe-off align +frame-pinch +head +hanger +hanger-front +hanger-bottom arm +pivot +pipe",
        "mc-mounts        | pairs=one head=no | support creak +frame-pinch +hanger arm +pivot jack",
        "mc-lowering      | shocks=two airbox=off | effect +stud unload undo:clamp joint-free undo:muffler muffler-off undo:shock out +bracket load +shock +clamp +muffler kept stand",
        "mc-flywheel-weight |                | clear shifter-mark undo:shifter lengths undo:cover off undo:flywheel pull +weight key +flywheel spin +cover +shifter turn start",
        "mc-shock         | link=link        | unload undo:lower-link undo:upper out +upper load-link +lower-link",
        "mc-handlebar     | risers=new gap=even | reach angles undo:perch undo:clamp-even off +riser roll-even +clamp-even +perch +switch lock lever",
        "mc-fork-legs     |                  | undo:mc-wheel-front.axle mc-wheel-front.off undo:fender undo:upper.LEFT fender-off undo:lower.LEFT down.LEFT height.LEFT +lower.LEFT +upper.LEFT +mc-wheel-front.axle mc-wheel-front.pump-fork",
        "mc-chain-sprockets |                | undo:shifter undo:cover cover-off tab undo:front-nut undo:axle undo:rear lift cut wheel-off +rear close slack +axle +adjuster +front-nut tab-new +cover +shifter",
        "mc-brake-hose    |                  | cover undo:nipple empty undo:upper undo:lower off angle +lower +upper +nipple fill press pump lever dry",
        "mc-exhaust-slip-on |                | undo:clamp joint-free undo:bracket off +clamp clear +bracket wipe leak",
        "mc-clutch-cover  | plates=yes       | card undo:cover off undo:spring plates-out +spring arm +cover play",
        "mc-oil-drain     |                  | warm undo:plug drain undo:spin filter-off +plug +spin fill leak level",
        "mc-handguards    |                  | undo:end.LEFT off.LEFT levers.LEFT +end.LEFT +clamp.LEFT throttle",
        "mc-disc-front    |                  | undo:mc-wheel-front.axle mc-wheel-front.off soak.LEFT undo:disc.LEFT +disc.LEFT dial.LEFT +mc-wheel-front.axle",
        "atv-pads-front   |                  | level undo:lugs.LEFT lift.LEFT wheel.LEFT undo:guard.LEFT undo:cap.LEFT undo:pad-pin.LEFT undo:caliper.LEFT off.LEFT push.LEFT seat.LEFT +caliper.LEFT +pad-pin.LEFT +cap.LEFT +guard.LEFT +lugs.LEFT undo:lugs.RIGHT lift.RIGHT +lugs.RIGHT pump",
        "atv-rotor-rear   |                  | pin-out undo:axle-nut undo:lugs lift undo:caliper undo:rotor +rotor +axle-nut pin dial by-hand:caliper +caliper +lugs pump",
        "atv-hubs-wide    |                  | pin-out.LEFT undo:axle-nut.LEFT lift +axle-nut.LEFT new-pin.LEFT +spacer.LEFT +lugs.LEFT +axle-nut.RIGHT +lugs.RIGHT",
        "atv-hub-front    |                  | pin-out.LEFT undo:castle.LEFT undo:lugs.LEFT lift.LEFT wheel.LEFT undo:caliper.LEFT hub-off.LEFT splines.LEFT turn.LEFT +castle.LEFT pin.LEFT +caliper.LEFT +lugs.LEFT pin-out.RIGHT +lugs.RIGHT pump",
        "atv-a-arms       |                  | pin-out.LEFT undo:ball.LEFT lift.LEFT wheel.LEFT split.LEFT undo:frame.LEFT off.LEFT +ball.LEFT new-pin.LEFT +lugs.LEFT load.LEFT +frame.LEFT steer",
        "atv-tie-rods     |                  | sides pin-out.LEFT undo:ball.LEFT split.LEFT undo:jam.LEFT count.LEFT +inner.LEFT +ball.LEFT toe.LEFT +jam.LEFT steer",
        "atv-winch-plate  | frame=through    | +winch undo:plate-nut off +plate-nut +fairlead loom spool pulls",
        "atv-skid-plates  | front=yes        | count lift undo:front undo:centre off edge +centre +front +side",
        "bi-crank-collar  |                  | undo:pedal-left undo:collar undo:fixing cap-verified +fixing home play +collar +pedal-right",
        "bi-crank-pinch   | pedals=off       | pedals undo:pedal-left undo:pinch undo:cap off preload +cap plate +pinch +pedal-left",
        "bi-crank-pinch-one |                | undo:pinch undo:preload open crank-off +preload spin +pinch play",
        "bi-crank-self    | pedals=off       | pedals undo:pedal-left undo:bolt crank-off +cap cap-verified +bolt +pedal-left",
        "bi-crank-taper   |                  | undo:right washer crank-off +right line +left caps",
        "bi-chainrings    |                  | undo:pedal-left chain undo:crank undo:rings rings-off undo:spider +spider +rings +crank +pedal-right",
        "bi-bb-cartridge  |                  | undo:bi-crank-pinch.pinch bi-crank-pinch.off undo:other undo:drive out chase dry-fit +drive +other +bi-crank-pinch.cap bi-crank-pinch.plate +bi-crank-pinch.pinch",
        "bi-bb-outboard   | crank=self       | undo:bi-crank-self.bolt bi-crank-self.crank-off undo:drive-cup out +drive-cup +other-cup +bi-crank-self.bolt",
        "bi-bb-press      | shell=carbon     | undo:bi-crank-pinch.pinch out bore sight half compound home flush by-hand:bi-crank-pinch.cap +bi-crank-pinch.pinch",
        "bi-bb-together   |                  | which undo:bi-crank-pinch.pinch undo:together out press +together +bi-crank-pinch.pinch flush",
        "bi-stem-metal    |                  | angles undo:steerer undo:topcap off roll +faceplate +levers +topcap straight +steerer holds",
        "bi-stem-carbon   |                  | undo:levers undo:steerer undo:topcap undo:faceplate +faceplate corners +topcap play straight +steerer +levers",
        "bi-headset       | cups=pressed steerer=carbon | undo:steerer undo:topcap hang fork out press crown fork-in +expander +topcap play straight +steerer",
        "bi-derailleur    | hanger=new       | chain undo:anchor undo:mount off undo:hanger hanger-off +hanger straight +mount +anchor set close shift",
        "bi-caliper       |                  | undo:axle wheel undo:caliper off undo:adapter +adapter +axle centre +caliper pump",
        "bi-rotor-six     |                  | undo:axle wheel undo:rotor off +rotor dial +axle pump brake",
        "bi-seatpost-carbon |                | mark undo:saddle undo:collar off paste +collar level +saddle sit holds",
        "bi-axle-rack     |                  | undo:axle wheel +axle by-hand:rack +rack heel kept",
        "bi-grips-levers  | bar=carbon       | angle undo:grip undo:lever off paste reach +lever +grip plugs hold",
        "bi-cleats        | holes=three      | draw.LEFT undo:three.LEFT off.LEFT place-three.LEFT +three.LEFT click twist"
      })
  void isAllThereAndInOrder(String key, String answers, String book) {
    List<String> row = row(job(key, answers == null ? "" : answers));
    int at = -1;
    for (String task : Arrays.asList(book.split("\\s+"))) {
      int found = row.indexOf(task);
      assertThat(found).as("%s in %s", task, row).isGreaterThan(at);
      at = found;
    }
  }
}
