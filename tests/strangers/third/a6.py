from collections import Counter, defaultdict, deque
import math

letters = Counter("mississippi")
print(letters["s"], letters.most_common(2))
groups = defaultdict(list)
for name in ["ash", "alder", "birch", "beech", "cedar"]:
    groups[name[0]].append(name)
for k in sorted(groups):
    print(k, groups[k])
q = deque([1, 2, 3])
q.append(4)
q.appendleft(0)
print(q.popleft(), q.pop(), len(q))
print(math.floor(-2.5), math.ceil(2.1), math.pi > 3)
