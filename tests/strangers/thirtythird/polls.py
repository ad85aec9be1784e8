def tally(votes, *, runoff=True, verbose=False):
    rounds = []
    alive = {name for ballot in votes for name in ballot}
    while True:
        counts = dict.fromkeys(sorted(alive), 0)
        for ballot in votes:
            for name in ballot:
                if name in alive:
                    counts[name] += 1
                    break
        rounds.append(counts)
        if verbose:
            print("round", len(rounds), counts)
        top = max(counts.values())
        if top * 2 > sum(counts.values()) or len(alive) == 1 or not runoff:
            winners = [n for n, c in counts.items() if c == top]
            return winners, rounds
        least = min(counts.values())
        losers = {n for n, c in counts.items() if c == least}
        if losers == alive:
            return sorted(alive), rounds
        alive -= losers


ballots = [
    ["oak", "elm", "ash"],
    ["elm", "oak"],
    ["ash", "elm"],
    ["ash", "oak", "elm"],
    ["fir", "elm"],
    ["elm", "fir", "oak"],
    ["oak", "ash"],
]
winners, rounds = tally(ballots, verbose=True)
print("winner:", " and ".join(winners), "in", len(rounds), "rounds")
print(tally(ballots, runoff=False)[0])
print(tally([["a"], ["b"]])[0])
table = [[r.get(n, 0) for r in rounds] for n in sorted({n for b in ballots for n in b})]
for name, row in zip(sorted({n for b in ballots for n in b}), table):
    print(f"{name:5}", *(f"{v:3}" for v in row))
try:
    tally([])
except ValueError as err:
    print("no votes:", err)
a = {1, 2, 3}; b = {3, 4}
print(a | b, a & b, a - b, a ^ b, a <= {1, 2, 3, 4}, a.isdisjoint({9}))
a.discard(7); a.add(2); a |= {10}
print(sorted(a), len(a), 2 in a)
