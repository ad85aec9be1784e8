from itertools import islice, chain, product, combinations, count
print(list(islice(count(5, 2), 3)))
print(list(chain("ab", [1])))
print(list(product([0, 1], repeat=2)))
print(list(combinations("abc", 2)))
