from itertools import accumulate
import itertools, operator
from operator import mul
print(list(accumulate([1,2,3], initial=10)), list(accumulate([1,2,3], mul)), list(itertools.accumulate([3,1,4], max)))
print(list(accumulate([1,2,3], lambda a, b: a * 10 + b)), list(accumulate("abc")), list(accumulate([2,3], operator.mul, initial=5)))
for t in accumulate([5, 6], lambda a, b: a - b): print(t)
def join(a, b): return f"{a}-{b}"
print(list(accumulate("xyz", join)))
