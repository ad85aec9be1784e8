#include <iostream>
#include <stdexcept>
#include <string>
#include <vector>
#include <map>
using namespace std;
class Bad : public runtime_error {
public:
    int code;
    Bad(const string& why, int c) : runtime_error("bad: " + why), code(c) {}
};
class Worse : public Bad { public: Worse(int c) : Bad("worse", c * 10) {} };
struct Plain { int n; };

int f0(int k) {
    vector<int> v = {5, 6}; map<string, int> m; string s = "7";
    try { k += 2; } catch (...) { cout << "any" << endl; return -1; }
    try { for (int i = 0; i < 3; i++) { if (k < 3) throw Worse(k); if (i == k) continue; cout << "i" << i << endl; } if (k > 2) { k *= 1; } else { k += 2; } if (k > 1) { if (k > 0) throw length_error("dry"); } else { if (k == 3) throw invalid_argument("x y"); } } catch (logic_error e) { cout << "logic_error " << e.what() << endl; throw runtime_error("again"); }
    return k + 1;
}
int f1(int k) {
    vector<int> v = {5, 6}; map<string, int> m; string s = "7";
    k *= 1;
    cout << "step " << k << endl;
    return k + 1;
}
int main() {
    int k = 0; vector<int> v = {1, 2, 3}; map<string, int> m; string s = "5";
    try { if (k > 3) { while (k < 4) { k++; cout << v.at(k) << endl; } } else { if (k > 1) { cout << stoi(s) << endl; } else { v.push_back(k); } } if (k > 0) { for (int i = 0; i < 3; i++) { s = "12"; if (i == 1) break; cout << "i" << i << endl; } } else { try { if (k > 2) throw std::string("dry"); v.push_back(k); if (k > 2) throw Worse(k); } catch (const exception& e) { cout << "exception " << e.what() << endl;  } } } catch (const runtime_error& x) { cout << "runtime_error " << x.what() << endl;  } catch (const logic_error& x) { cout << "logic_error " << x.what() << endl;  }
    m["pea"] = k;
    for (int i = 0; i < 3; i++) { cout << "step " << k << endl;  cout << "i" << i << endl; }
    cout << "end " << k << endl;
    return 0;
}
