data = """name,year,score
Fern,7,81
Holly,8,64
Moss,7,
Reed,9,90"""

rows = [line.split(',') for line in data.splitlines()]
header, body = rows[0], rows[1:]
records = [dict(zip(header, r)) for r in body]
for rec in records:
    rec['score'] = int(rec['score']) if rec['score'] else None
by_year = {}
for rec in records:
    by_year.setdefault(rec['year'], []).append(rec['name'])
print(by_year)
scores = [r['score'] for r in records if r['score'] is not None]
mean = sum(scores) / len(scores)
print(f'mean {mean:.1f}, best {max(records, key=lambda r: r["score"] or 0)["name"]}')
def grade(s):
    if s is None: return '-'
    for limit, g in ((80, 'A'), (70, 'B'), (60, 'C')):
        if s >= limit: return g
    return 'U'
for r in sorted(records, key=lambda r: (r['year'], r['name']), reverse=True):
    print('{name:>6} | year {year} | {0}'.format(grade(r['score']), **r))
print(any(s > 85 for s in scores), all(s > 60 for s in scores))
