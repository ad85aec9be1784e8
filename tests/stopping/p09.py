import math
print(math.sqroot(4))
