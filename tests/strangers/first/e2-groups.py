from collections import defaultdict
data = [("bed A", "bean", 3), ("bed B", "pea", 5), ("bed A", "pea", 2), ("bed C", "bean", 4), ("bed B", "pea", 1)]
by_bed = defaultdict(list)
totals = defaultdict(int)
for bed, crop, amount in data:
    by_bed[bed].append((crop, amount))
    totals[crop] += amount
for bed in sorted(by_bed):
    print(bed, by_bed[bed])
for i, (crop, amount) in enumerate(sorted(totals.items()), start=1):
    print(i, crop, amount)
print(dict(totals))
best = max(totals, key=totals.get)
print("best:", best, "share %.1f%%" % (100 * totals[best] / sum(totals.values())))
