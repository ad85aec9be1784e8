import bisect
from bisect import bisect_left, insort
grades = [60, 70, 80, 90]
def grade(score): return "FDCBA"[bisect.bisect(grades, score)]
print([grade(s) for s in [33, 99, 77, 70, 89, 90, 100]])
xs = []
for n in [5, 1, 4, 1, 9]:
    insort(xs, n)
print(xs, bisect_left(xs, 4), bisect.bisect_right(xs, 1), bisect_left([], 3))
words = ["bean", "kale", "pea"]
print(bisect_left(words, "leek"), bisect.bisect_left(words, "kale"))
