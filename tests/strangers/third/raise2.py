class TooHot(Exception):
    pass

def check(t):
    if t > 40:
        raise TooHot(f"{t} degrees")
    return t

for t in [20, 45]:
    try:
        print(check(t))
    except TooHot as err:
        print("too hot:", err)
check(50)
print("never")
