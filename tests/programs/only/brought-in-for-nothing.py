import datetime as dt, os
from collections import OrderedDict, Counter


def leave(beds):
    if beds > 2:
        raise SystemExit
    print(beds, Counter("aab"))


print(list(map(", ".join, [["a", "b"], ["c"]])), max([1, 2, 2], key=[1, 2, 2].count))
leave(1)
leave(3)
print("never")
