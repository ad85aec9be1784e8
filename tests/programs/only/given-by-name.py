beds = {"herbs": 3}
beds.update(roses=2, herbs=4)
print(beds)
s = {1, 2}
print(s.isdisjoint({3}), s.isdisjoint([2, 5]), not s.isdisjoint(s))
