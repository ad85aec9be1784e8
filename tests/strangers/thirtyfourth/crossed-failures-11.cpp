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
    vector<int> v = {5, 6}; map<string, int> m; string s = "";
    while (k < 2) { k++; try { cout << stoi(s) << endl; } catch (const runtime_error& err) { cout << "runtime_error " << err.what() << endl; throw runtime_error("again"); } catch (const out_of_range& e) { cout << "out_of_range " << e.what() << endl;  } }
    if (k > 2) throw Bad("x y", k);
    if (k > 1) { try { k += 2; cout << stoi(s) << endl; v.push_back(k); } catch (const string& err) { cout << "string " << err << endl;  } catch (out_of_range e) { cout << "out_of_range " << e.what() << endl;  } catch (const logic_error& e) { cout << "logic_error " << e.what() << endl;  } } else { try { m["pea"] = k; cout << v.at(k) << endl; } catch (const exception& err) { cout << "exception " << err.what() << endl; return -1; } }
    return k + 1;
}
int f1(int k) {
    vector<int> v = {5, 6}; map<string, int> m; string s = "";
    if (k > 2) { for (int i = 0; i < 3; i++) { if (k > 0) throw length_error("x y"); if (i == 1) break; cout << "i" << i << endl; } } else { try { v.push_back(k); cout << m.at("pea") << endl; } catch (...) { cout << "any" << endl; throw runtime_error("again"); } }
    return k + 1;
}
int main() {
    int k = 2; vector<int> v = {1, 2, 3}; map<string, int> m; string s = "5";
    cout << "step " << k << endl;
    try { for (int i = 0; i < 3; i++) { if (k > 3) { if (k > 0) throw "dry"; } else { v.push_back(k); }  cout << "i" << i << endl; } for (int i = 0; i < 3; i++) { try { k += 2; } catch (const string& err) { cout << "string " << err << endl;  }  cout << "i" << i << endl; } while (k < 3) { k++; try { cout << stoi(s) << endl; m["pea"] = k; cout << v.at(k) << endl; } catch (...) { cout << "any" << endl; throw runtime_error("again"); } } } catch (exception& err) { cout << "exception " << err.what() << endl;  }
    cout << "end " << k << endl;
    return 0;
}
