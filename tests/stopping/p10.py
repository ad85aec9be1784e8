import maths
print(maths.sqrt(4))
