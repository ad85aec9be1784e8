print(sum([0.1,0.2], 10), sum([1,2], 5), sum([[1],[2]], []), sum((x*x for x in range(4)), 0.5))
