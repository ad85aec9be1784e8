"""Plan watering rounds; priorities and a heap."""
import heapq
from dataclasses import dataclass, field


@dataclass(order=True)
class Job:
    due: int
    name: str = field(compare=False)
    every: int = field(default=0, compare=False)

    def again(self):
        return Job(self.due + self.every, self.name, self.every) if self.every else None


class Planner:
    def __init__(self, *jobs):
        self.heap = list(jobs)
        heapq.heapify(self.heap)
        self.log = []

    def run(self, until):
        while self.heap and self.heap[0].due <= until:
            job = heapq.heappop(self.heap)
            self.log.append((job.due, job.name))
            follow = job.again()
            if follow is not None:
                heapq.heappush(self.heap, follow)
        return self

    @property
    def names(self):
        return {name for _, name in self.log}


p = Planner(Job(5, "weed"), Job(1, "water", 3), Job(2, "feed", 4))
for when, what in p.run(8).log:
    print(f"{when:>2} {what}")
print(sorted(p.names), len(p.heap), p.heap[0])


def intervals(times):
    """Gaps between neighbours."""
    return [b - a for a, b in zip(times, times[1:])]


water = [t for t, n in p.log if n == "water"]
print(water, intervals(water), set(intervals(water)) == {3})
totals = {}
for t, n in p.log:
    totals.setdefault(n, []).append(t)
print({k: (min(v), max(v), len(v)) for k, v in sorted(totals.items())})
best, *others = sorted(totals, key=lambda n: (-len(totals[n]), n))
print(best, others)
print(" ".join(f"{a}{b}" for a, b in zip("abc", range(3))), *(x for x in "xyz"), sep="|")
