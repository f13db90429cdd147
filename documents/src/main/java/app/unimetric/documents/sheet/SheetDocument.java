package app.unimetric.documents.sheet;

import app.unimetric.core.fit.FitVerdict;
import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.pack.Answers;
import app.unimetric.core.pack.FitCall;
import app.unimetric.core.pack.Side;
import app.unimetric.core.plan.PlanPrint;
import app.unimetric.core.plan.WorkedFit;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.stated.Source;
import app.unimetric.documents.Versioned;
import app.unimetric.documents.shape.ShapeEdit;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** What is said on a sheet, as stored. */
public final class SheetDocument {
  private record Decision(
      String jointId, String valueId, @Nullable TorqueUnit readAs, String reason) {}

  private record Value(
      String jointId,
      String typed,
      Source source,
      String document,
      FrictionCondition condition,
      @Nullable String statedFor) {}

  private record Shape(List<Edit> edits, @Nullable UUID undoes, String reason) {}

  /** A change with what its kind needs of all this. */
  private record Edit(
      EditKind kind,
      List<String> at,
      @Nullable JsonNode was,
      @Nullable JsonNode now,
      @Nullable String before) {}

  private enum EditKind {
    PUT,
    INSERT,
    REMOVE,
    MOVE
  }

  private record DeskNote(String jointId, String state, String summary) {}

  private record Fit(String question, boolean fits, String note, @Nullable Worked worked) {}

  private record Worked(
      FitCall call, String state, @Nullable FitVerdict verdict, List<String> said) {}

  private record Arrangement(List<String> jointIds) {}

  private record Quote(String amount) {}

  private record Part(String name) {}

  private record Choice(Map<String, String> options, List<Side> sides) {}

  private record Withdrawal(String valueId, String reason) {}

  private record Feel(String jointId, String reason) {}

  private record Tool(String jointId, @Nullable String toolId) {}

  private record Cancel(String reason) {}

  private record Print(List<PrintLine> joints, List<String> blockers) {}

  private record PrintLine(
      String jointId, String title, String target, String product, String setting, String passes) {}

  private static final Versioned<Decision> DECISION = single("decision", Decision.class);
  private static final Versioned<Value> VALUE = single("value", Value.class);
  private static final Versioned<Shape> SHAPE = single("shaping", Shape.class);
  private static final Versioned<DeskNote> DESK_NOTE = single("desk note", DeskNote.class);
  private static final Versioned<Fit> FIT = single("answer of fit", Fit.class);
  private static final Versioned<Arrangement> ARRANGEMENT =
      single("arrangement", Arrangement.class);
  private static final Versioned<Quote> QUOTE = single("quote", Quote.class);
  private static final Versioned<Part> PART = single("part", Part.class);
  private static final Versioned<Choice> CHOICE = single("choice", Choice.class);
  private static final Versioned<Withdrawal> WITHDRAWAL = single("withdrawal", Withdrawal.class);
  private static final Versioned<Feel> FEEL = single("joint by feel", Feel.class);
  private static final Versioned<Tool> TOOL = single("choice of a tool", Tool.class);
  private static final Versioned<Cancel> CANCEL = single("cancelling", Cancel.class);
  private static final Versioned<Print> PRINT = single("print", Print.class);

  private SheetDocument() {}

  private static <D> Versioned<D> single(String name, Class<D> type) {
    return new Versioned<>(name, type, List.of());
  }

  /** Writes what was said. */
  public static String write(SheetSaying said) {
    if (said instanceof SheetSaying.DecisionMade d) {
      return DECISION.write(new Decision(d.jointId(), d.valueId(), d.readAs(), d.reason()));
    } else if (said instanceof SheetSaying.ValueFound v) {
      return VALUE.write(
          new Value(
              v.jointId(), v.typed(), v.source(), v.document(), v.condition(), v.statedFor()));
    } else if (said instanceof SheetSaying.DeskNoted n) {
      return DESK_NOTE.write(new DeskNote(n.jointId(), n.state(), n.summary()));
    } else if (said instanceof SheetSaying.FitAnswered f) {
      WorkedFit w = f.worked();
      return FIT.write(
          new Fit(
              f.question(),
              f.fits(),
              f.note(),
              w == null ? null : new Worked(w.call(), w.state(), w.verdict(), w.said())));
    } else if (said instanceof SheetSaying.Arranged a) {
      return ARRANGEMENT.write(new Arrangement(a.jointIds()));
    } else if (said instanceof SheetSaying.Quoted q) {
      return QUOTE.write(new Quote(q.amount().toPlainString()));
    } else if (said instanceof SheetSaying.PartNamed p) {
      return PART.write(new Part(p.name()));
    } else if (said instanceof SheetSaying.Chosen c) {
      return CHOICE.write(new Choice(c.answers().options(), c.answers().sides()));
    } else if (said instanceof SheetSaying.Withdrawn w) {
      return WITHDRAWAL.write(new Withdrawal(w.valueId(), w.reason()));
    } else if (said instanceof SheetSaying.ByFeel f) {
      return FEEL.write(new Feel(f.jointId(), f.reason()));
    } else if (said instanceof SheetSaying.ToolChosen t) {
      return TOOL.write(new Tool(t.jointId(), t.toolId()));
    } else if (said instanceof SheetSaying.Cancelled c) {
      return CANCEL.write(new Cancel(c.reason()));
    } else if (said instanceof SheetSaying.Shaped h) {
      return SHAPE.write(
          new Shape(
              h.edits().stream().map(SheetDocument::stored).toList(), h.undoes(), h.reason()));
    } else if (said instanceof SheetSaying.CardPrinted c) {
      return PRINT.write(print(c.card()));
    }
    throw new IllegalArgumentException(said.getClass().getName());
  }

  /** Answers to the questions of a job as kept beside a pack. */
  public static Answers answers(String text) {
    Choice c = CHOICE.read(text);
    return new Answers(c.options(), c.sides());
  }

  /** Why a job was cancelled. */
  public static SheetSaying.Cancelled cancelling(String text) {
    return new SheetSaying.Cancelled(CANCEL.read(text).reason());
  }

  /** Reads what was said. */
  public static SheetSaying read(SheetSaying.Kind kind, String text) {
    return switch (kind) {
      case DECISION -> {
        Decision d = DECISION.read(text);
        yield new SheetSaying.DecisionMade(d.jointId(), d.valueId(), d.readAs(), d.reason());
      }
      case VALUE -> {
        Value v = VALUE.read(text);
        yield new SheetSaying.ValueFound(
            v.jointId(), v.typed(), v.source(), v.document(), v.condition(), v.statedFor());
      }
      case DESK_NOTE -> {
        DeskNote n = DESK_NOTE.read(text);
        yield new SheetSaying.DeskNoted(n.jointId(), n.state(), n.summary());
      }
      case FIT -> {
        Fit f = FIT.read(text);
        Worked w = f.worked();
        yield new SheetSaying.FitAnswered(
            f.question(),
            f.fits(),
            f.note(),
            w == null ? null : new WorkedFit(w.call(), w.state(), w.verdict(), w.said()));
      }
      case ARRANGEMENT -> new SheetSaying.Arranged(ARRANGEMENT.read(text).jointIds());
      case QUOTE -> new SheetSaying.Quoted(new BigDecimal(QUOTE.read(text).amount()));
      case PART -> new SheetSaying.PartNamed(PART.read(text).name());
      case CHOICE -> new SheetSaying.Chosen(answers(text));
      case WITHDRAWAL -> {
        Withdrawal w = WITHDRAWAL.read(text);
        yield new SheetSaying.Withdrawn(w.valueId(), w.reason());
      }
      case BY_FEEL -> {
        Feel f = FEEL.read(text);
        yield new SheetSaying.ByFeel(f.jointId(), f.reason());
      }
      case TOOL -> {
        Tool t = TOOL.read(text);
        yield new SheetSaying.ToolChosen(t.jointId(), t.toolId());
      }
      case CANCEL -> cancelling(text);
      case SHAPE -> {
        Shape h = SHAPE.read(text);
        yield new SheetSaying.Shaped(
            h.edits().stream().map(SheetDocument::edit).toList(), h.undoes(), h.reason());
      }
      case PRINT -> new SheetSaying.CardPrinted(card(PRINT.read(text)));
    };
  }

  private static Edit stored(ShapeEdit edit) {
    if (edit instanceof ShapeEdit.Put p) {
      return new Edit(EditKind.PUT, p.at(), p.was(), p.now(), null);
    } else if (edit instanceof ShapeEdit.Insert i) {
      return new Edit(EditKind.INSERT, i.at(), null, i.item(), i.before());
    } else if (edit instanceof ShapeEdit.Remove r) {
      return new Edit(EditKind.REMOVE, r.at(), r.was(), null, null);
    }
    ShapeEdit.Move m = (ShapeEdit.Move) edit;
    return new Edit(EditKind.MOVE, m.at(), null, null, m.before());
  }

  private static ShapeEdit edit(Edit e) {
    return switch (e.kind()) {
      case PUT -> new ShapeEdit.Put(e.at(), e.was(), e.now());
      case INSERT -> new ShapeEdit.Insert(e.at(), Objects.requireNonNull(e.now()), e.before());
      case REMOVE -> new ShapeEdit.Remove(e.at(), e.was());
      case MOVE -> new ShapeEdit.Move(e.at(), e.before());
    };
  }

  private static Print print(PlanPrint card) {
    return new Print(
        card.joints().stream()
            .map(
                l ->
                    new PrintLine(
                        l.jointId(), l.title(), l.target(), l.product(), l.setting(), l.passes()))
            .toList(),
        card.blockers());
  }

  private static PlanPrint card(Print print) {
    return new PlanPrint(
        print.joints().stream()
            .map(
                l ->
                    new PlanPrint.Line(
                        l.jointId(), l.title(), l.target(), l.product(), l.setting(), l.passes()))
            .toList(),
        print.blockers());
  }
}
