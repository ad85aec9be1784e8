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
p = Planner(Job(5, "weed"), Job(1, "water", 3), Job(2, "feed", 4))
print(p.run(8).log)
