nums = [1, 2, 3, 4, 5, 6]
evens = list(filter(lambda x: x % 2 == 0, nums))
sq = list(map(lambda x: x ** 2, evens))
print(evens, sq, nums[1:4], nums[:-1], nums[::2], nums[-1:], nums.index(4), nums.count(9))
nums.remove(3); nums.pop(); nums.pop(0); nums.insert(1, 99); nums.reverse()
print(nums, sum(nums), min(nums), nums + [0], [0] * 3, [1] == [1], [1] is [1], nums[:] == nums)
a = b = []
a.append(1)
print(b, a is b, tuple(nums), (1,), (), type((1)))
m = [[0] * 2] * 2
m[0][0] = 5
print(m)
t = 1, 2
x, y = t
x, y = y, x
print(x, y, t[0], t + (3,), len(t), max(t), 2 in t)
