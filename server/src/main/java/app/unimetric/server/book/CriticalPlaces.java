package app.unimetric.server.book;

import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.server.pack.Packs;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import java.time.Duration;
import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import org.springframework.stereotype.Component;

/** Places of joints that can kill or lock a wheel in any job of the catalogue or the shop. */
@Component
class CriticalPlaces {
  private static final Duration FRESH = Duration.ofMinutes(1);
  private final LoadingCache<Boolean, Set<String>> names;

  CriticalPlaces(Packs packs) {
    names = Caffeine.newBuilder().expireAfterWrite(FRESH).build(all -> read(packs));
  }

  private static Set<String> read(Packs packs) {
    Set<String> critical = new HashSet<>();
    for (JobPack pack : packs.all()) {
      for (PackJoint joint : pack.joints()) {
        if (joint.duty().isCritical()) {
          critical.add(joint.valuePlace().toLowerCase(Locale.ROOT));
        }
      }
    }
    return critical;
  }

  boolean holds(String place) {
    return names.get(true).contains(place.strip().toLowerCase(Locale.ROOT));
  }
}
