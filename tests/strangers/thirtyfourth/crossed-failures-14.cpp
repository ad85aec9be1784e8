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
    vector<int> v = {5, 6}; map<string, int> m; string s = "7x";
    try { try { if (k == 0) throw overflow_error("no seed"); } catch (string& e) { cout << "string " << e << endl;  } } catch (int x) { cout << "int " << x << endl;  } catch (logic_error err) { cout << "logic_error " << err.what() << endl;  }
    try { try { cout << m.at("pea") << endl; cout << stoi(s) << endl; s = "12"; } catch (out_of_range& err) { cout << "out_of_range " << err.what() << endl;  } } catch (logic_error& x) { cout << "logic_error " << x.what() << endl;  }
    s = "12";
    return k + 1;
}
int f1(int k) {
    vector<int> v = {5, 6}; map<string, int> m; string s = "7x";
    try { for (int i = 0; i < 3; i++) { v.push_back(k);  cout << "i" << i << endl; } cout << stoi(s) << endl; while (k < 3) { k++; cout << "step " << k << endl; } } catch (const char* e) { cout << "const char* " << e << endl; cout << "mended" << endl; }
    return k + 1;
}
int main() {
    int k = 2; vector<int> v = {1, 2, 3}; map<string, int> m; string s = "5";
    k = f1(k);
    while (k < 4) { k++; while (k < 2) { k++; while (k < 3) { k++; v.push_back(k); } } }
    cout << "end " << k << endl;
    return 0;
}
