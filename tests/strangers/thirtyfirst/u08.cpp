#include<iostream>
#include<vector>
#include<string>
using namespace std;
class Observer{
public:
virtual void update(int value)=0;
virtual ~Observer(){}
};
class Subject{
vector<Observer*>list;
int value;
public:
Subject():value(0){}
void attach(Observer*o){list.push_back(o);}
void setValue(int v){value=v;notify();}
void notify(){for(Observer*o:list)o->update(value);}
};
class Display:public Observer{
string name;
int last;
public:
Display(string n):name(n),last(-1){}
void update(int v){
if(v!=last)cout<<name<<": "<<last<<" -> "<<v<<endl;
last=v;
}
int get(){return last;}
};
class Counter:public Observer{
int n=0;
public:
void update(int)override{n++;}
int count()const{return n;}
};
int main(){
Subject s;
Display d1("left"),d2("right");
Counter c;
s.attach(&d1);
s.attach(&c);
s.setValue(5);
s.attach(&d2);
s.setValue(5);
s.setValue(8);
cout<<c.count()<<" "<<d1.get()+d2.get()<<endl;
Display*dynamic=new Display("new");
s.attach(dynamic);
s.setValue(9);
delete dynamic;
return 0;
}
