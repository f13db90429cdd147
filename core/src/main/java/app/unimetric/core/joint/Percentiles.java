package app.unimetric.core.joint;

/** Percentiles of many numbers by selection; a full sort would order what nobody asks for. */
final class Percentiles {
  private final double[] values;

  /** Takes the array over and reorders it. */
  Percentiles(double[] values) {
    this.values = values;
  }

  /** The value below which {@code share} of all lie; between two, the straight line. */
  double at(double share) {
    double place = share * (values.length - 1);
    int below = (int) place;
    double low = select(below);
    if (place == below) {
      return low;
    }
    double next = Double.MAX_VALUE;
    for (int i = below + 1; i < values.length; i++) {
      next = Math.min(next, values[i]);
    }
    return low + (place - below) * (next - low);
  }

  /** Hoare's selection with the middle of three as pivot; afterwards all above lie to the right. */
  private double select(int k) {
    int left = 0;
    int right = values.length - 1;
    while (left < right) {
      double pivot = middle(values[left], values[(left + right) >>> 1], values[right]);
      int i = left;
      int j = right;
      while (i <= j) {
        while (values[i] < pivot) {
          i++;
        }
        while (values[j] > pivot) {
          j--;
        }
        if (i <= j) {
          double swap = values[i];
          values[i++] = values[j];
          values[j--] = swap;
        }
      }
      if (k <= j) {
        right = j;
      } else if (k >= i) {
        left = i;
      } else {
        break;
      }
    }
    return values[k];
  }

  private static double middle(double a, double b, double c) {
    return Math.max(Math.min(a, b), Math.min(Math.max(a, b), c));
  }
}
