#include <iostream>
#include <string>
#include <vector>
using namespace std;

class Tool {
public:
    Tool(const string& n) : name(n), uses(0) { cout << "make " << name << endl; }
    Tool(const Tool& other) : name(other.name + "'"), uses(other.uses) { cout << "copy " << name << endl; }
    virtual ~Tool() { cout << "drop " << name << endl; }
    virtual void use() { uses++; cout << name << " used " << uses << endl; }
    int getUses() const { return uses; }
protected:
    string name;
    int uses;
};

class Spade : public Tool {
public:
    Spade() : Tool("spade") {}
    void use() override {
        Tool::use();
        cout << "digging" << endl;
    }
};

void tryTool(Tool& t) { t.use(); }
void tryCopy(Tool t) { t.use(); }

int main() {
    Spade s;
    Tool t("rake");
    tryTool(s);
    tryTool(t);
    {
        Tool inner("fork");
        inner.use();
    }
    Tool* p = new Spade();
    p->use();
    delete p;
    cout << s.getUses() << t.getUses() << endl;
    return 0;
}
