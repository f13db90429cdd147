package app.unimetric.documents.settings;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What a workshop may keep to its leads or leave to its mechanics. What safety hangs on is not
 * among them: confirming values of critical joints, signing critical jobs off, letting stand what a
 * fit refused, people and these settings are a lead's everywhere.
 */
public enum Right {
  BRING_SHEETS("bring sheets of values, machines and tools", true),
  KEEP_MACHINES("add, change, merge and retire machines", false),
  KEEP_TOOLS("bring tools in, write their log, retire them", false),
  KEEP_SHELF("put products and parts on the shelf and take them off", false),
  ENTER_VALUES("enter and change values in the book", false),
  CANCEL_JOBS("cancel jobs not yet started", false),
  SET_RATE("set the hourly rate", true);

  private final String words;
  private final boolean usuallyLeads;

  Right(String words, boolean usuallyLeads) {
    this.words = words;
    this.usuallyLeads = usuallyLeads;
  }

  public String words() {
    return words;
  }

  /** Those that are a lead's where nobody decided otherwise. */
  public static Set<Right> usualOfLeads() {
    return Arrays.stream(values()).filter(r -> r.usuallyLeads).collect(Collectors.toSet());
  }

  /** All of them, in the order they are shown. */
  public static List<Right> all() {
    return List.of(values());
  }
}
