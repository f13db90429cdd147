package app.unimetric.server.sheet;

import app.unimetric.core.plan.ToBuy;
import app.unimetric.documents.settings.WorkshopSettings.Decimals;
import app.unimetric.documents.table.Table;
import app.unimetric.server.job.Jobs;
import app.unimetric.server.job.ListedJob;
import app.unimetric.server.settings.Settings;
import app.unimetric.server.shelf.Stock;
import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is to be bought for all jobs planned and not yet started. */
@RestController
class ToBuyController {
  private final Jobs jobs;
  private final Outlooks outlooks;
  private final Stock stock;
  private final Settings settings;
  private final Clock clock;

  ToBuyController(Jobs jobs, Outlooks outlooks, Stock stock, Settings settings, Clock clock) {
    this.jobs = jobs;
    this.outlooks = outlooks;
    this.stock = stock;
    this.settings = settings;
    this.clock = clock;
  }

  /**
   * @param kind of product in words; missing for a part
   * @param price of one piece; missing where nobody entered it
   * @param orderAs size, strength and order number, where they are known
   */
  record BuyLine(
      String name,
      int toBuy,
      int needed,
      int there,
      String why,
      List<String> jobs,
      @Nullable BigDecimal price,
      String orderAs) {}

  /**
   * @param jobs how many planned jobs were looked at
   * @param cost of all parts whose price is known
   */
  record BuyList(List<BuyLine> parts, List<BuyLine> products, int jobs, BigDecimal cost) {}

  @GetMapping("/api/shelf/to-buy")
  BuyList toBuy() {
    LocalDate today = LocalDate.now(clock);
    List<ListedJob> waiting = jobs.open().stream().filter(j -> !j.started()).toList();
    Map<UUID, Outlook> outlooks = this.outlooks.of(waiting, today);
    List<ToBuy.Planned> planned =
        waiting.stream()
            .map(
                j ->
                    new ToBuy.Planned(
                        "job " + j.number() + ", " + j.title() + ", " + j.machineName(),
                        Objects.requireNonNull(outlooks.get(j.id())).needs()))
            .toList();
    ToBuy list = ToBuy.of(planned, stock.shelf(), today);
    Map<String, BigDecimal> prices = stock.prices();
    BigDecimal cost =
        list.parts().stream()
            .map(
                p ->
                    prices
                        .getOrDefault(p.name(), BigDecimal.ZERO)
                        .multiply(BigDecimal.valueOf(p.toBuy())))
            .reduce(BigDecimal.ZERO, BigDecimal::add);
    return new BuyList(
        list.parts().stream()
            .map(
                p ->
                    new BuyLine(
                        p.name(),
                        p.toBuy(),
                        p.needed(),
                        p.there(),
                        "",
                        p.jobs(),
                        prices.get(p.name()),
                        stock.orderedAs(p.name())))
            .toList(),
        list.products().stream()
            .map(p -> new BuyLine(p.compound().words(), 1, 1, 0, p.why(), p.jobs(), null, ""))
            .toList(),
        planned.size(),
        cost);
  }

  /** The same as a sheet; no spreadsheet runs anything in it. */
  @GetMapping(path = "/api/shelf/to-buy.csv", produces = "text/csv;charset=UTF-8")
  ResponseEntity<String> csv() {
    StringWriter out = new StringWriter();
    BuyList list = toBuy();
    Decimals decimals = settings.current().settings().decimals();
    try (CsvWriter csv = Table.writer(out, decimals)) {
      csv.writeRecord("name", "to_buy", "needed", "there", "price", "order_as", "for");
      List<BuyLine> all = new ArrayList<>(list.parts());
      all.addAll(list.products());
      for (BuyLine line : all) {
        BigDecimal price = line.price();
        csv.writeRecord(
            Table.plain(line.name()),
            String.valueOf(line.toBuy()),
            String.valueOf(line.needed()),
            String.valueOf(line.there()),
            price == null ? "" : decimals.written(price),
            Table.plain(line.orderAs()),
            Table.plain(String.join("; ", line.jobs())));
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename("to-buy-" + LocalDate.now(clock) + ".csv")
                .build()
                .toString())
        .body(out.toString());
  }
}
