beds = ["oak", "elm", "ivy"]
beds.insert(1, "x")
beds.insert(0, "start")
beds.append("end")
print(beds, beds.index("ivy"), beds.count("x"), "elm" in beds)
print(beds.pop(), beds.pop(0), beds)
beds.remove("x")
beds.extend(["y", "z"])
beds += ["w"]
print(beds, beds * 2, beds + ["q"], len(beds), beds[-1], beds[1:3])
copy = beds.copy()
other = beds
beds.clear()
print(beds, other, copy)
del copy[0]
copy[0] = "first"
copy[-1] += "!"
copy.reverse()
print(copy, sum([1, 2]), max([3, 9]), min([3, 9]), sorted([3, 1, 2]))
grid = [[0] * 3 for _ in range(2)]
grid[1][2] = 5
shared = [[0] * 2] * 2
shared[0][0] = 1
print(grid, shared, [1, [2, [3]]], [1, 2] == [1, 2], [1, 2] < [1, 3])
