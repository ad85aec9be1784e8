#include <iostream>
#include <vector>
#include <string>
#include <map>
#include <algorithm>
#include <iomanip>
using namespace std;
enum class Kind { Herb, Shrub, Tree };
string nameOf(Kind k) { switch (k) { case Kind::Herb: return "herb"; case Kind::Shrub: return "shrub"; default: return "tree"; } }
class Plant {
protected:
    string name; double height; Kind kind;
    static int made;
public:
    Plant(const string& n, double h, Kind k) : name(n), height(h), kind(k) { made++; }
    virtual ~Plant() { }
    virtual void grow(int days) { height += days * 0.5; }
    double getHeight() const { return height; }
    const string& getName() const { return name; }
    static int count() { return made; }
    friend ostream& operator<<(ostream& os, const Plant& p) { return os << left << setw(8) << p.name << right << setw(6) << fixed << setprecision(1) << p.height << " " << nameOf(p.kind); }
    bool operator<(const Plant& o) const { return height < o.height; }
};
int Plant::made = 0;
class Tree : public Plant {
    int rings;
public:
    Tree(string n, double h, int r = 1) : Plant(n, h, Kind::Tree), rings(r) {}
    void grow(int days) override { Plant::grow(days); if (days >= 365) rings += days / 365; height *= 1.1; }
    int getRings() const { return rings; }
};
struct Bed { int row, col; vector<string> plants; };
bool canPlace(const vector<string>& grid, int r, int c) { return r >= 0 && r < (int)grid.size() && c >= 0 && c < (int)grid[r].size() && grid[r][c] == '.'; }
int flood(vector<string>& grid, int r, int c) {
    if (!canPlace(grid, r, c)) return 0;
    grid[r][c] = '#';
    return 1 + flood(grid, r + 1, c) + flood(grid, r - 1, c) + flood(grid, r, c + 1) + flood(grid, r, c - 1);
}
template <typename T> void printAll(const vector<T>& v, const string& sep = ", ") { for (size_t i = 0; i < v.size(); i++) { if (i) cout << sep; cout << v[i]; } cout << '\n'; }
int main() {
    vector<Plant*> garden;
    garden.push_back(new Plant("mint", 12.5, Kind::Herb));
    garden.push_back(new Tree("oak", 250, 10));
    garden.push_back(new Plant("rose", 80, Kind::Shrub));
    for (Plant* p : garden) p->grow(365);
    sort(garden.begin(), garden.end(), [](Plant* a, Plant* b) { return *a < *b; });
    for (auto p : garden) cout << *p << endl;
    cout << Plant::count() << " " << garden.back()->getName() << endl;
    Tree* t = dynamic_cast<Tree*>(garden[2]);
    if (t) cout << "rings " << t->getRings() << endl;
    map<string, vector<int>> beds;
    string data[] = {"mint:3", "rose:1", "mint:5", "oak:2"};
    for (const string& line : data) {
        size_t colon = line.find(':');
        beds[line.substr(0, colon)].push_back(stoi(line.substr(colon + 1)));
    }
    for (const auto& entry : beds) {
        int total = 0;
        for (int n : entry.second) total += n;
        cout << entry.first << " -> " << total << " in " << entry.second.size() << endl;
    }
    vector<string> grid = {"..x..", ".xx..", "....x"};
    cout << flood(grid, 0, 0) << endl;
    printAll(grid, "|");
    Bed bed = {1, 2, {"pea", "kale"}};
    Bed copy = bed; copy.plants.push_back("leek"); copy.row++;
    cout << bed.plants.size() << copy.plants.size() << bed.row << copy.row << endl;
    vector<vector<int>> pascal;
    for (int i = 0; i < 6; i++) {
        pascal.push_back(vector<int>(i + 1, 1));
        for (int j = 1; j < i; j++) pascal[i][j] = pascal[i - 1][j - 1] + pascal[i - 1][j];
    }
    printAll(pascal[5], " ");
    string word = "level"; bool pal = true;
    for (size_t i = 0, j = word.size() - 1; i < j; i++, j--) if (word[i] != word[j]) { pal = false; break; }
    cout << (pal ? "yes" : "no") << endl;
    int votes[3] = {0}; int cast[] = {2, 0, 1, 2, 2, 0};
    for (int v : cast) votes[v]++;
    int winner = max_element(votes, votes + 3) - votes;
    cout << "winner " << winner << " with " << votes[winner] << endl;
    unsigned long long a = 0, b = 1; int n = 0; while (b < 1000000000000ULL) { unsigned long long c = a + b; a = b; b = c; n++; } cout << n << " " << b << endl;
    double balance = 1000; int year = 0; while (balance < 1500) { balance *= 1.05; ++year; } cout << year << " " << setprecision(2) << balance << endl;
    for (auto p : garden) delete p;
    garden.clear(); cout << garden.empty() << endl;
}
