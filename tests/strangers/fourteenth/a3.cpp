#include <iostream>
#include <string>
using namespace std;

struct Date { int day, month, year; };
struct Plant {
    string name;
    Date sown;
    float height;
    char kind;
};

Plant beds[10];
int used = 0;

void add(string name, int d, int m, int y, float h, char k) {
    Plant p;
    p.name = name;
    p.sown.day = d; p.sown.month = m; p.sown.year = y;
    p.height = h;
    p.kind = k;
    beds[used++] = p;
}
void swapPlants(Plant &a, Plant &b) { Plant t = a; a = b; b = t; }
void sortByHeight() {
    int i, j;
    for (i = 0; i < used - 1; i++)
        for (j = 0; j < used - 1 - i; j++)
            if (beds[j].height > beds[j + 1].height)
                swapPlants(beds[j], beds[j + 1]);
}
int search(const string &name) {
    int i = 0;
    while (i < used && beds[i].name != name) i++;
    return i == used ? -1 : i;
}
int main() {
    add("pea", 3, 4, 2024, 35.5, 'v');
    add("kale", 12, 5, 2024, 20, 'v');
    add("rose", 1, 3, 2023, 80.25, 'f');
    sortByHeight();
    for (int i = 0; i < used; i++)
        cout << beds[i].name << "\t" << beds[i].sown.day << "/" << beds[i].sown.month << "\t" << beds[i].height << "\t" << beds[i].kind << endl;
    int where = search("rose");
    cout << where << search("leek") << endl;
    beds[where].sown.year++;
    beds[where].height *= 2;
    Plant copy = beds[where];
    copy.name = "other";
    cout << beds[where].name << beds[where].sown.year << " " << copy.height << endl;
    Plant *p = &beds[0];
    p->height += 1;
    (*p).name = "changed";
    cout << beds[0].name << beds[0].height << endl;
    int counts[26] = {0};
    string text = "the quick brown fox";
    for (int i = 0; i < (int)text.size(); i++)
        if (text[i] >= 'a' && text[i] <= 'z')
            counts[text[i] - 'a']++;
    for (char c = 'a'; c <= 'z'; c++)
        if (counts[c - 'a'] > 1) cout << c << counts[c - 'a'] << " ";
    cout << endl;
    int grid[3][3] = {{1, 2, 3}, {4, 5, 6}, {7, 8, 9}}, d = 0;
    for (int i = 0; i < 3; i++) d += grid[i][i] * grid[i][2 - i];
    cout << d << endl;
    enum Colour { RED, GREEN = 5, BLUE };
    Colour c = BLUE;
    cout << c << (c == BLUE) << endl;
}
