inventory = [("spade", 3), ("hose", 1)]
new = [(name, qty + 1) for (name, qty) in inventory]
print(new)
for i, (name, qty) in enumerate(new, start=1): print(i, name, qty)
names, quantities = zip(*new)
print(names, quantities, names + ("rake",), (1,) * 3, len(()), (1, 2) < (1, 3))
coords = (3, 4, 5)
try:
    coords[0] = 9
except TypeError as e:
    print("TypeError:", e)
first, *_, last = range(10)
print(first, last)
swap = lambda t: (t[1], t[0])
print(swap((1, 2)), tuple(sorted({"b": 1, "a": 2}.items())))
nested = {"a": {"b": [1, {"c": 2}]}}
print(nested["a"]["b"][1]["c"], str(nested), nested.get("z", {}).get("y"))
copy = [row[:] for row in [[1], [2]]]
copy[0].extend((5, 6)); copy.insert(0, "x"); copy.remove([2])
print(copy, copy * 2, [*copy, *"hi"], [1, 2] == [1, 2], [1, 2] is [1, 2])
nums = list(range(10, 0, -3)); nums[1:3] = [0]; nums += (8, 9)
print(nums, nums[-1:], nums[5:], sum(nums, 100)); del nums[0]; nums.reverse(); print(nums)
print(isinstance(3, (int, float)), isinstance(True, int), 3 == 3.0, 1 / 3, 2e10, 1e-7, 10 ** 20, 0.1 + 0.2, round(2.5), round(-1.455, 2), float("inf"), int(-3.9), complex is not None)
