#include <iostream>
#include <fstream>
#include <string>
#include <vector>
using namespace std;
bool load(const string& path, vector<int>& out) {
    ifstream file(path);
    if (!file.is_open()) { cout << "cannot open " << path << endl; return false; }
    int x; while (file >> x) out.push_back(x);
    return true;
}
void save(ostream& os, const vector<int>& v) { for (int x : v) os << x << "\n"; }
int main() {
    vector<int> v;
    if (!load("numbers.txt", v)) cout << "first time" << endl;
    ofstream f; f.open("numbers.txt"); for (int i = 0; i < 3; i++) f << i * i << " "; f << endl; f.close();
    cout << load("numbers.txt", v) << v.size() << endl;
    { ofstream g("out.txt"); save(g, v); g << 2.5 << 'c' << true << endl; }
    fstream h("out.txt", ios::in); string line; int n = 0;
    while (!h.eof()) { getline(h, line); cout << ++n << "[" << line << "]"; } cout << endl; h.close();
    ifstream q("out.txt"); string a, b; q >> a >> b; cout << a << b << q.good() << endl;
    ofstream app("out.txt", std::ios::app); app << "more\n"; app.close();
    ifstream all("out.txt"); string last; while (getline(all, line)) if (!line.empty()) last = line; cout << last << endl;
    save(cout, {7, 8});
    ifstream none("none.txt"); if (none) cout << "?"; else cout << "none" << endl; if (none.fail()) cout << "failed" << endl;
    string name = "dyn.txt"; ofstream dyn(name.c_str()); dyn << "x"; dyn.close(); ifstream back{name}; getline(back, line); cout << line << endl;
}
