label = 153
figures = [int(figure) for figure in str(label)]
print(sum(figures))
for figure in "42":
    print(int(figure) + 1)
tag = "x7"
beds = int(tag[1])
print(beds)
