from collections import deque

class Customer:
    _count = 0
    def __init__(self, arrival, items):
        Customer._count += 1
        self.number = Customer._count
        self.arrival = arrival
        self.items = items
    @property
    def service_time(self):
        return 1 + self.items // 5
    def __repr__(self):
        return f"#{self.number}"

def simulate(customers, tills=2):
    waiting = deque()
    busy = [None] * tills
    free_at = [0] * tills
    log, waits = [], {}
    pending = sorted(customers, key=lambda c: c.arrival)
    minute = 0
    while pending or waiting or any(b is not None for b in busy):
        while pending and pending[0].arrival == minute:
            waiting.append(pending.pop(0))
        for till in range(tills):
            if busy[till] is not None and free_at[till] <= minute:
                log.append((minute, "done", busy[till], till))
                busy[till] = None
            if busy[till] is None and waiting:
                customer = waiting.popleft()
                waits[customer.number] = minute - customer.arrival
                busy[till], free_at[till] = customer, minute + customer.service_time
        minute += 1
    return log, waits, minute

people = [Customer(a, i) for a, i in [(0, 12), (0, 3), (1, 25), (1, 1), (2, 8), (7, 4)]]
log, waits, end = simulate(people)
for minute, what, who, till in log:
    print(f"{minute:02d} till {till}: {who} {what}")
print("waits", waits, "average", sum(waits.values()) / len(waits))
print("closed after", end, "minutes;", max(waits, key=waits.get), "waited longest")
