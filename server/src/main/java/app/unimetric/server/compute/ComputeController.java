package app.unimetric.server.compute;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import org.springframework.http.MediaType;
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
}
