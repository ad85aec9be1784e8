from random import randnt
print(randnt(1, 2))
