def area(w, h):
    w * h
print(area(2, 3) + 1)
