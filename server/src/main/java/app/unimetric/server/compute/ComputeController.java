package app.unimetric.server.compute;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Every calculation of the core, open to all; it stores nothing. */
@Tag(
    name = "compute",
    description =
        "Stateless calculations; no sign-in. With why=true the answer carries its derivation.")
@RestController
@RequestMapping(path = "/api/compute", consumes = MediaType.APPLICATION_JSON_VALUE)
class ComputeController {

  @Operation(summary = "A torque in all units")
  @PostMapping("/convert")
  ConvertCall.Response convert(
      @RequestBody ConvertCall.Request request, @RequestParam(defaultValue = "false") boolean why) {
    return ConvertCall.answer(request, why);
  }

  @Operation(summary = "Reads a torque as people type it")
  @PostMapping("/ask")
  AskCall.Response ask(
      @RequestBody AskCall.Request request, @RequestParam(defaultValue = "false") boolean why) {
    return AskCall.answer(request, why);
  }

  @Operation(summary = "A whole question in one line: a torque, a joint or a setting")
  @PostMapping("/question")
  QuestionCall.Response question(
      @RequestBody QuestionCall.Request request,
      @RequestParam(defaultValue = "false") boolean why) {
    return QuestionCall.answer(request, why);
  }

  @Operation(summary = "What the desks offer to choose from")
  @GetMapping(path = "/choices", consumes = MediaType.ALL_VALUE)
  ChoicesCall.Response choices() {
    return ChoicesCall.answer();
  }

  @Operation(summary = "All that the joint desk shows, in one answer")
  @PostMapping("/desk")
  DeskCall.Response desk(
      @RequestBody DeskCall.Request request, @RequestParam(defaultValue = "false") boolean why) {
    return DeskCall.answer(request, why);
  }

  @Operation(summary = "Diameters and stress area of a thread")
  @PostMapping("/thread")
  ThreadCall.Response thread(
      @RequestBody ThreadCall.Request request, @RequestParam(defaultValue = "false") boolean why) {
    return ThreadCall.answer(request, why);
  }

  @Operation(summary = "Stated values to one band and one aim, with conflicts and unit slips")
  @PostMapping("/resolve")
  ResolveCall.Response resolve(
      @RequestBody ResolveCall.Request request, @RequestParam(defaultValue = "false") boolean why) {
    return ResolveCall.answer(request, why);
  }

  @Operation(summary = "Where to set a tool for a band")
  @PostMapping("/setting")
  SettingCall.Response setting(
      @RequestBody SettingCall.Request request, @RequestParam(defaultValue = "false") boolean why) {
    return SettingCall.answer(request, why);
  }

  @Operation(summary = "Passes and order over the fasteners of a joint")
  @PostMapping("/order")
  OrderCall.Response order(
      @RequestBody OrderCall.Request request, @RequestParam(defaultValue = "false") boolean why) {
    return OrderCall.answer(request, why);
  }

  @Operation(summary = "Clamp load, what breaks first, floor and ceiling of one bolted joint")
  @PostMapping("/joint")
  JointCall.Response joint(
      @RequestBody JointCall.Request request, @RequestParam(defaultValue = "false") boolean why) {
    return JointCall.answer(request, why);
  }

  @Operation(summary = "Clamp load by chance: percentiles, and the odds of yield and of too little")
  @PostMapping("/scatter")
  ScatterCall.Response scatter(
      @RequestBody ScatterCall.Request request, @RequestParam(defaultValue = "false") boolean why) {
    return ScatterCall.answer(request, why);
  }

  @Operation(summary = "Snug, then an angle: clamp load and torque")
  @PostMapping("/torque-angle")
  TorqueAngleCall.Response torqueAngle(
      @RequestBody TorqueAngleCall.Request request,
      @RequestParam(defaultValue = "false") boolean why) {
    return TorqueAngleCall.answer(request, why);
  }

  @Operation(summary = "What a turn means in clamp load")
  @PostMapping("/turn")
  TurnCall.Response turn(
      @RequestBody TurnCall.Request request, @RequestParam(defaultValue = "false") boolean why) {
    return TurnCall.answer(request, why);
  }

  @Operation(summary = "A torque carried over to another state of the threads")
  @PostMapping("/friction-change")
  FrictionChangeCall.Response frictionChange(
      @RequestBody FrictionChangeCall.Request request,
      @RequestParam(defaultValue = "false") boolean why) {
    return FrictionChangeCall.answer(request, why);
  }

  @Operation(summary = "The tools of a crib ranked for one band")
  @PostMapping("/tools")
  ToolsCall.Response tools(
      @RequestBody ToolsCall.Request request, @RequestParam(defaultValue = "false") boolean why) {
    return ToolsCall.answer(request, why);
  }

  @Operation(summary = "What the fasteners of one joint do to each other, pass by pass")
  @PostMapping("/interaction")
  InteractionCall.Response interaction(
      @RequestBody InteractionCall.Request request,
      @RequestParam(defaultValue = "false") boolean why) {
    return InteractionCall.answer(request, why);
  }

  @Operation(summary = "A castellated nut to its next alignment")
  @PostMapping("/castle-nut")
  CastleNutCall.Response castleNut(
      @RequestBody CastleNutCall.Request request,
      @RequestParam(defaultValue = "false") boolean why) {
    return CastleNutCall.answer(request, why);
  }

  @Operation(summary = "What it takes to undo a bolt, and whether its drive stands it")
  @PostMapping("/break-loose")
  BreakLooseCall.Response breakLoose(
      @RequestBody BreakLooseCall.Request request,
      @RequestParam(defaultValue = "false") boolean why) {
    return BreakLooseCall.answer(request, why);
  }

  @Operation(summary = "Pressure and hold of a split clamp on a tube")
  @PostMapping("/clamp")
  ClampCall.Response clamp(
      @RequestBody ClampCall.Request request, @RequestParam(defaultValue = "false") boolean why) {
    return ClampCall.answer(request, why);
  }

  @Operation(summary = "The torques to try where only a maximum is known")
  @PostMapping("/climb")
  ClimbCall.Response climb(
      @RequestBody ClimbCall.Request request, @RequestParam(defaultValue = "false") boolean why) {
    return ClimbCall.answer(request, why);
  }

  @Operation(summary = "Whether a faceplate has closed as it is meant to")
  @PostMapping("/gaps")
  GapsCall.Response gaps(
      @RequestBody GapsCall.Request request, @RequestParam(defaultValue = "false") boolean why) {
    return GapsCall.answer(request, why);
  }

  @Operation(summary = "What goes on a surface, and what never does")
  @PostMapping("/compound")
  CompoundCall.Response compound(
      @RequestBody CompoundCall.Request request,
      @RequestParam(defaultValue = "false") boolean why) {
    return CompoundCall.answer(request, why);
  }

  @Operation(summary = "Whether a bolt is long enough and clear")
  @PostMapping("/bolt-length")
  BoltLengthCall.Response boltLength(
      @RequestBody BoltLengthCall.Request request,
      @RequestParam(defaultValue = "false") boolean why) {
    return BoltLengthCall.answer(request, why);
  }

  @Operation(summary = "When to look again")
  @PostMapping("/recheck")
  RecheckCall.Response recheck(
      @RequestBody RecheckCall.Request request, @RequestParam(defaultValue = "false") boolean why) {
    return RecheckCall.answer(request, why);
  }

  @Operation(summary = "A whole job worked out: order, tools and settings, needs, what is missing")
  @PostMapping("/plan")
  PlanCall.Response plan(
      @RequestBody PlanCall.Request request, @RequestParam(defaultValue = "false") boolean why) {
    return PlanCall.answer(request, why);
  }
}
