/* The same work as the core's draws and passes, in plain C: perf/core builds and runs it beside the benchmarks. */
#include <math.h>
#include <stdint.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>
#include <time.h>

static uint64_t state;
static double draw(void) {
  uint64_t z = (state += 0x9e3779b97f4a7c15ULL);
  z = (z ^ (z >> 30)) * 0xbf58476d1ce4e5b9ULL;
  z = (z ^ (z >> 27)) * 0x94d049bb133111ebULL;
  return (double)((z ^ (z >> 31)) >> 11) * 0x1.0p-53;
}

typedef struct { double min, max, peak_share, rising, falling; } triangle;
static triangle triangle_of(double min, double peak, double max) {
  triangle t = {min, max, max > min ? (peak - min) / (max - min) : 0, (max - min) * (peak - min), (max - min) * (max - peak)};
  return t;
}
static double at(const triangle *t, double share) {
  return share < t->peak_share ? t->min + sqrt(share * t->rising) : t->max - sqrt((1 - share) * t->falling);
}

static double middle(double a, double b, double c) { return fmax(fmin(a, b), fmin(fmax(a, b), c)); }
static double selected(double *v, int n, int k) {
  int left = 0, right = n - 1;
  while (left < right) {
    double pivot = middle(v[left], v[(left + right) / 2], v[right]);
    int i = left, j = right;
    while (i <= j) {
      while (v[i] < pivot) i++;
      while (v[j] > pivot) j--;
      if (i <= j) { double swap = v[i]; v[i++] = v[j]; v[j--] = swap; }
    }
    if (k <= j) right = j; else if (k >= i) left = i; else break;
  }
  return v[k];
}
static double percentile(double *v, int n, double share) {
  double place = share * (n - 1);
  int below = (int)place;
  double low = selected(v, n, below);
  if (place == below) return low;
  double next = INFINITY;
  for (int i = below + 1; i < n; i++) if (v[i] < next) next = v[i];
  return low + (place - below) * (next - low);
}

static double draws(int n) {
  state = 1;
  triangle nm = triangle_of(19.2, 22, 24.96), thread = triangle_of(0.10, 0.13, 0.16), head = triangle_of(0.10, 0.13, 0.16);
  double lead = 0.0553, half = 3.594, lever = 5.5, area = 36.6, torsion = 1.58, yield2 = 640.0 * 640.0, least = 5000, cosine = cos(M_PI / 6);
  double *loads = malloc(n * sizeof *loads);
  int yielded = 0, low = 0;
  for (int i = 0; i < n; i++) {
    double tan_friction = at(&thread, draw()) / cosine, tangent = (lead + tan_friction) / (1 - lead * tan_friction);
    double load = at(&nm, draw()) * 1000 / (half * tangent + at(&head, draw()) * lever);
    loads[i] = load;
    double tension = load / area, twist = torsion * tangent;
    if (tension * tension * (1 + 3 * twist * twist) > yield2) yielded++;
    if (load < least) low++;
  }
  double sum = percentile(loads, n, 0.01) + percentile(loads, n, 0.05) + percentile(loads, n, 0.5) + percentile(loads, n, 0.95) + percentile(loads, n, 0.99);
  free(loads);
  return sum + yielded + low;
}

#define BOLTS 16
static int near[BOLTS][4];
static double share[4] = {0.10, 0.10, 0.03, 0.03};
static double passes(const int *order, int count) {
  double loads[BOLTS] = {0}, *after = malloc(count * sizeof loads), *spread = malloc(count * sizeof *spread), target = 10000;
  for (int pass = 0; pass < count; pass++) {
    for (int t = 0; t < BOLTS; t++) {
      int i = order[t];
      double added = target - loads[i];
      if (added <= 0) continue;
      loads[i] = target;
      for (int k = 0; k < 4; k++) { double left = loads[near[i][k]] - share[k] * added; loads[near[i][k]] = left > 0 ? left : 0; }
    }
    memcpy(after + pass * BOLTS, loads, sizeof loads);
    double min = INFINITY, max = 0;
    for (int i = 0; i < BOLTS; i++) { min = fmin(min, loads[i]); max = fmax(max, loads[i]); }
    spread[pass] = 100 * (max - min) / target;
  }
  double sum = spread[count - 1] + after[count * BOLTS - 1];
  free(after); free(spread);
  return sum;
}

static double now(void) { struct timespec t; clock_gettime(CLOCK_MONOTONIC, &t); return t.tv_sec * 1e6 + t.tv_nsec / 1e3; }

int main(void) {
  static const int order[BOLTS] = {0, 8, 4, 12, 2, 10, 6, 14, 1, 9, 5, 13, 3, 11, 7, 15};
  for (int i = 0; i < BOLTS; i++) {
    near[i][0] = (i + 1) % BOLTS; near[i][1] = (i + 15) % BOLTS; near[i][2] = (i + 2) % BOLTS; near[i][3] = (i + 14) % BOLTS;
  }
  volatile double sink = 0;
  double best = INFINITY;
  for (int round = 0; round < 40; round++) { double from = now(); sink += draws(100000); double took = now() - from; if (took < best) best = took; }
  printf("hundredThousandDraws %.1f\n", best);
  best = INFINITY;
  for (int round = 0; round < 40; round++) {
    double from = now();
    for (int i = 0; i < 20000; i++) sink += passes(order, 10);
    double took = (now() - from) / 20000; if (took < best) best = took;
  }
  printf("sixteenBoltsTenPasses %.3f\n", best);
  return 0;
}
