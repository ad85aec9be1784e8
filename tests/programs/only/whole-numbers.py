# Whole numbers of any size, which only Python has.
seeds = 2 ** 100
print(seeds, seeds // 7, -seeds % 13)
print(123456789012345678 * 98765432109876543)
