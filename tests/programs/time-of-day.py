seconds = 7384
hours, rest = divmod(seconds, 3600)
minutes, seconds = divmod(rest, 60)
print(f"{hours:02d}:{minutes:02d}:{seconds:02d}")
print(str(hours).zfill(2) + ":" + str(minutes).zfill(2))
