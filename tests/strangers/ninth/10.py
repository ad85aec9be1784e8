from math import sqrt, pi as PI
def stats(*nums):
    mean = sum(nums) / len(nums)
    var = sum((x - mean) ** 2 for x in nums) / len(nums)
    s = sorted(nums)
    mid = len(s) // 2
    median = s[mid] if len(s) % 2 else (s[mid - 1] + s[mid]) / 2
    return {"mean": mean, "sd": round(sqrt(var), 3), "median": median, "max": max(nums), "range": max(nums) - min(nums)}
print(stats(4, 8, 15, 16, 23, 42))
print(f"area {PI * 2 ** 2:.3f}", round(PI, 2), abs(-3), pow(2, 5), pow(2, 5, 7), 10 % 3.5, int(3.99), int(-3.99), round(7.5), round(8.5), float("2.50"), str(1.0), 1e16, 1.5e-7, 100000000000000000000.0)
